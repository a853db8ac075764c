import { type WeldProcedureDto, type WeldSampleDto } from '@gyrus/contract';
import { type WeldProcedure, type WeldSample } from '@gyrus/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { plainName } from '../common/plainName.ts';
import { without } from '../common/without.ts';
import { insertOnce, refuseOther } from '../common/writtenOnce.ts';
import { WorkPool } from '../workers/pool.ts';
import { WeldProcedureEntity, WeldSampleEntity, WeldSamplePhotoEntity } from './welding.entities.ts';

/** How the shop welds: procedures and their samples, written once. Every change answers with all of them. */
@Injectable()
export class WeldingService {
  constructor(
    private readonly database: DataSource,
    private readonly work: WorkPool,
  ) {}

  /** Every procedure with its samples, in the order in which they came. */
  async procedures(): Promise<WeldProcedure[]> {
    const { manager } = this.database;
    const byArrival = { order: { arrived: 'ASC' } } as const;
    const [procedures, samples, photos] = await Promise.all([
      manager.find(WeldProcedureEntity, byArrival),
      manager.find(WeldSampleEntity, byArrival),
      manager.find(WeldSamplePhotoEntity),
    ]);
    const names = new Map(photos.map(({ sample, name }) => [sample, name]));
    return procedures.map((one) => ({
      ...without(one, 'arrived', 'writtenAt'),
      at: one.writtenAt.toISOString(),
      samples: samples
        .filter(({ procedure }) => procedure === one.id)
        .map((sample) => ({ ...sampleOf(sample), photo: names.get(sample.id) ?? null })),
    }));
  }

  /** Writes a procedure down; sent again it is the same one. */
  async write({ at, ...rest }: WeldProcedureDto): Promise<WeldProcedure[]> {
    const { amperes } = rest;
    if (amperes && amperes.least > amperes.most)
      throw new Refusal({
        code: 'range',
        message: `from ${amperes.least} to ${amperes.most} amperes: the least is more than the most`,
        path: '/amperes/least',
      });
    const { manager } = this.database;
    await insertOnce(manager, WeldProcedureEntity, { ...rest, writtenAt: new Date(at) });
    const kept = await manager.findOneByOrFail(WeldProcedureEntity, { id: rest.id });
    refuseOther(
      'procedure',
      { ...without(kept, 'arrived', 'writtenAt', 'setAside'), at: kept.writtenAt.toISOString() },
      { ...rest, at: new Date(at).toISOString() },
    );
    return this.procedures();
  }

  /** Sets a procedure aside, or takes it up again; seams that were welded by it keep it. */
  async setAside(id: string, setAside: boolean): Promise<WeldProcedure[]> {
    await this.demand(id);
    await this.database.manager.update(WeldProcedureEntity, { id }, { setAside });
    return this.procedures();
  }

  /** Writes down what was seen in a sample of a procedure. */
  async writeSample(procedure: string, { at, ...rest }: WeldSampleDto): Promise<WeldProcedure[]> {
    await this.demand(procedure);
    const { manager } = this.database;
    await insertOnce(manager, WeldSampleEntity, { procedure, ...rest, cutAt: new Date(at) });
    const kept = await manager.findOneByOrFail(WeldSampleEntity, { id: rest.id });
    refuseOther(
      'sample',
      { procedure: kept.procedure, ...sampleOf(kept) },
      { procedure, ...rest, at: new Date(at).toISOString() },
    );
    return this.procedures();
  }

  /** Keeps the picture of a sample's cut. What was kept of it stays as it was. */
  async keepPhoto(sample: string, name: string, bytes: Buffer): Promise<WeldProcedure[]> {
    const { manager } = this.database;
    if (!(await manager.existsBy(WeldSampleEntity, { id: sample }))) throw notFound('this sample');
    if (!(await this.work.run('picture', bytes)))
      throw new Refusal({
        code: 'no-photo',
        message: 'this is no JPEG picture that can be shown to its end: take the photo again',
        path: '/photo',
      });
    await insertOnce(manager, WeldSamplePhotoEntity, { sample, name: plainName(name), bytes });
    return this.procedures();
  }

  async photo(sample: string): Promise<Buffer> {
    const found = await this.database.manager.findOne(WeldSamplePhotoEntity, {
      where: { sample },
      select: { sample: true, bytes: true },
    });
    if (!found) throw notFound('a photo of this sample');
    return found.bytes;
  }

  private async demand(id: string): Promise<void> {
    if (!(await this.database.manager.existsBy(WeldProcedureEntity, { id })))
      throw notFound('this procedure');
  }
}

const sampleOf = (sample: WeldSampleEntity): Omit<WeldSample, 'photo'> => ({
  ...without(sample, 'arrived', 'procedure', 'cutAt'),
  at: sample.cutAt.toISOString(),
});
