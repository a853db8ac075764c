import { type ShopSettings, type ShopSettingsDto } from '@gyrus/contract';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { ShopSettingEntity } from './shopSetting.entity.ts';

/** The only row's. */
const ID = 1;

/** What the shop has settled for all its jobs: the unit that a new job takes over, and whose clock is printed. */
@Injectable()
export class ShopSettingsService {
  constructor(private readonly database: DataSource) {}

  /** The shop stands where Gyrus runs, unless somebody says otherwise. */
  async get(): Promise<ShopSettings> {
    const kept = await this.database.manager.findOneBy(ShopSettingEntity, { id: ID });
    const machine = Intl.DateTimeFormat().resolvedOptions().timeZone;
    return { unit: kept?.unit ?? null, zone: kept?.zone ?? machine, chosen: kept?.zone != null };
  }

  /** What is left out stays as it was. */
  async change(settings: ShopSettingsDto): Promise<ShopSettings> {
    await this.database.manager.upsert(ShopSettingEntity, { id: ID, ...settings }, ['id']);
    return this.get();
  }
}
