import { randomUUID } from 'node:crypto';
import { type DieDto, type MachineDto, type TestBendDto, type TubeStockDto } from '@gyrus/contract';
import { checkSection, type Die, type DieTest, type Shop, SHOP_FORMAT, SHOP_VERSION } from '@gyrus/core';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityTarget, type ObjectLiteral } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { without } from '../common/without.ts';
import { LogService } from '../log/log.service.ts';
import {
  CertificateFileEntity,
  DieEntity,
  MachineEntity,
  TestBendEntity,
  TubeStockEntity,
} from './shop.entities.ts';

/** The shop's machines, dies, test bends and tube. */
@Injectable()
export class ShopService {
  constructor(
    private readonly database: DataSource,
    private readonly log: LogService,
  ) {}

  /** The shop as the document that calculations take. */
  async shop(): Promise<Shop> {
    const manager = this.database.manager;
    const byAge = { order: { createdAt: 'ASC', id: 'ASC' } } as const;
    const [machines, dies, tests, tubes, files, production] = await Promise.all([
      manager.find(MachineEntity, byAge),
      manager.find(DieEntity, byAge),
      manager.find(TestBendEntity, byAge),
      manager.find(TubeStockEntity, byAge),
      manager.find(CertificateFileEntity),
      this.log.productionTests(),
    ]);
    return {
      format: SHOP_FORMAT,
      version: SHOP_VERSION,
      machines: machines.map((machine) => ({
        ...without(machine, 'createdAt', 'dies'),
        dies: dies
          .filter((die) => die.machineId === machine.id)
          .map((die) => dieOf(die, machine, tests, production.get(die.id) ?? [])),
      })),
      tubes: tubes.map((tube) => ({
        ...without(tube, 'createdAt'),
        certificateFile: files.find(({ tubeId }) => tubeId === tube.id)?.name ?? null,
      })),
    };
  }

  /** Puts a whole shop in, ids as given, for the demo. Done twice it is done once, so a killed start can be repeated. */
  async load(shop: Shop): Promise<void> {
    await this.database.transaction(async (manager) => {
      for (const { dies, ...machine } of shop.machines) {
        await manager.upsert(MachineEntity, machine, ['id']);
        for (const die of dies) {
          await manager.upsert(
            DieEntity,
            { ...without(die, 'machine', 'tests', 'dialStep', 'dialZero'), machineId: machine.id },
            ['id'],
          );
          for (const test of die.tests)
            await manager.upsert(TestBendEntity, { ...without(test, 'made'), dieId: die.id }, ['id']);
        }
      }
      for (const tube of shop.tubes)
        await manager.upsert(TubeStockEntity, without(tube, 'certificateFile'), ['id']);
    });
  }

  async addMachine(dto: MachineDto): Promise<Shop> {
    await this.database.manager.insert(MachineEntity, { id: randomUUID(), ...dto });
    return this.shop();
  }

  async changeMachine(id: string, dto: MachineDto): Promise<Shop> {
    return this.change(MachineEntity, id, dto, 'this machine');
  }

  async addDie(machineId: string, dto: DieDto): Promise<Shop> {
    await this.demand(MachineEntity, machineId, 'this machine');
    await this.database.manager.insert(DieEntity, { id: randomUUID(), machineId, ...dto });
    return this.shop();
  }

  async changeDie(id: string, dto: DieDto): Promise<Shop> {
    return this.change(DieEntity, id, dto, 'this die');
  }

  async addTest(dieId: string, dto: TestBendDto): Promise<Shop> {
    await this.demand(DieEntity, dieId, 'this die');
    refuseNoBore(dto);
    if (dto.released.deg > dto.reading.deg)
      throw new Refusal({
        code: 'closes-on-release',
        message: `a bend opens when released: give no more than the reading, ${dto.reading.deg}°`,
        path: '/released',
      });
    await this.database.manager.insert(TestBendEntity, { id: randomUUID(), dieId, ...dto });
    return this.shop();
  }

  async addTube(dto: TubeStockDto): Promise<Shop> {
    refuseNoBore(dto);
    await this.database.manager.insert(TubeStockEntity, { id: randomUUID(), ...dto });
    return this.shop();
  }

  removeMachine = (id: string) => this.remove(MachineEntity, id, 'this machine');
  removeDie = (id: string) => this.remove(DieEntity, id, 'this die');
  removeTest = (id: string) => this.remove(TestBendEntity, id, 'this test bend');
  removeTube = (id: string) => this.remove(TubeStockEntity, id, 'this tube');

  private async change(
    entity: EntityTarget<ObjectLiteral>,
    id: string,
    dto: object,
    what: string,
  ): Promise<Shop> {
    await this.demand(entity, id, what);
    await this.database.manager.update(entity, { id }, dto);
    return this.shop();
  }

  private async remove(entity: EntityTarget<ObjectLiteral>, id: string, what: string): Promise<Shop> {
    await this.demand(entity, id, what);
    await this.database.manager.delete(entity, { id });
    return this.shop();
  }

  private async demand(entity: EntityTarget<ObjectLiteral>, id: string, what: string): Promise<void> {
    if (!(await this.database.manager.existsBy(entity, { id }))) throw notFound(what);
  }
}

/** A die with what it has from its machine, the name and the dial, and with the bends of parts that tell of its springback. */
const dieOf = (
  die: DieEntity,
  { name, setting }: MachineEntity,
  tests: TestBendEntity[],
  production: DieTest[],
): Die => ({
  ...without(die, 'createdAt', 'machineId', 'machine', 'tests'),
  machine: name,
  dialStep: setting?.dialStep ?? null,
  dialZero: setting?.dialZero ?? null,
  tests: [
    ...tests
      .filter((test) => test.dieId === die.id)
      .map((test) => ({ ...without(test, 'createdAt', 'dieId', 'die'), made: 'test' as const })),
    ...production,
  ],
});

function refuseNoBore({ od, wall }: { od: { mm: number }; wall: { mm: number } }): void {
  const section = checkSection({ od: od.mm, wall: wall.mm });
  if (!section.ok) throw new Refusal(section.fault);
}
