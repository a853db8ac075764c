import { type Shop } from '@gyrus/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { plainName } from '../common/plainName.ts';
import { WorkPool } from '../workers/pool.ts';
import { CertificateFileEntity, TubeStockEntity } from './shop.entities.ts';
import { ShopService } from './shop.service.ts';

/** A scan of a few pages. */
export const LARGEST_CERTIFICATE = 6 * 1024 * 1024;

/** The files of mills' certificates, one for a tube in stock. */
@Injectable()
export class CertificatesService {
  constructor(
    private readonly database: DataSource,
    private readonly shop: ShopService,
    private readonly work: WorkPool,
  ) {}

  /** Keeps the certificate of a tube: a PDF, or a JPEG that can be shown to its end. It takes the place of an earlier one. */
  async keep(tubeId: string, name: string, bytes: Buffer): Promise<Shop> {
    const { manager } = this.database;
    if (!(await manager.existsBy(TubeStockEntity, { id: tubeId }))) throw notFound('this tube');
    const isPdf = bytes.subarray(0, 5).toString('latin1') === '%PDF-';
    if (!isPdf && !(await this.work.run('picture', bytes)))
      throw new Refusal({
        code: 'no-certificate',
        message: 'this is neither a PDF nor a JPEG picture that can be shown to its end: scan it again',
        path: '/certificate',
      });
    const type = isPdf ? 'application/pdf' : 'image/jpeg';
    await manager.upsert(CertificateFileEntity, { tubeId, name: plainName(name), type, bytes }, ['tubeId']);
    return this.shop.shop();
  }

  async get(tubeId: string): Promise<CertificateFileEntity> {
    const found = await this.database.manager.findOne(CertificateFileEntity, {
      where: { tubeId },
      select: { tubeId: true, name: true, type: true, bytes: true },
    });
    if (!found) throw notFound('a certificate of this tube');
    return found;
  }
}
