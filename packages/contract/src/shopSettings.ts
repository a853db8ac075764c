import { type Unit } from '@gyrus/core';
import { IsTimeZone, ValidateIf } from 'class-validator';
import { IsUnit, MayBeLeftOut } from './checks.ts';

/** What the shop has settled for all its jobs. */
export interface ShopSettings {
  /** Null until somebody chose one. */
  unit: Unit | null;
  /** The zone of time that sheets are printed in (IANA). */
  zone: string;
  /** Whether somebody chose the zone; that of the machine which Gyrus runs on otherwise. */
  chosen: boolean;
}

/** A change of it; what is left out stays. */
export class ShopSettingsDto {
  @MayBeLeftOut()
  @IsUnit()
  unit?: Unit;

  /** Null for that of the machine which Gyrus runs on. */
  @MayBeLeftOut()
  @ValidateIf((_, zone) => zone !== null)
  @IsTimeZone({ message: 'the zone of time is one of the IANA list, as Europe/Vienna' })
  zone?: string | null;
}
