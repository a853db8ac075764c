import { type DataSourceOptions } from 'typeorm';
import { JobEntity } from '../jobs/job.entity.ts';
import { PlanRevisionEntity } from '../jobs/planRevision.entity.ts';
import { RuleBookEntity } from '../rulebooks/ruleBook.entity.ts';
import {
  CertificateFileEntity,
  DieEntity,
  MachineEntity,
  TestBendEntity,
  TubeStockEntity,
} from '../shop/shop.entities.ts';
import { ShopSettingEntity } from '../shop/shopSetting.entity.ts';
import { PhotoEntity } from '../photos/photo.entity.ts';
import { Foundation1790000000000 } from './migrations/1790000000000-foundation.ts';
import { PhotosAndCertificates1795000000000 } from './migrations/1795000000000-photosAndCertificates.ts';
import { QuickPlans1800000000000 } from './migrations/1800000000000-quickPlans.ts';
import { BendersInTheirRoom1805000000000 } from './migrations/1805000000000-bendersInTheirRoom.ts';
import { BendsMade1810000000000 } from './migrations/1810000000000-bendsMade.ts';
import { IssuedSheets1815000000000 } from './migrations/1815000000000-issuedSheets.ts';
import { Rack1820000000000 } from './migrations/1820000000000-rack.ts';
import { BuildEntries1825000000000 } from './migrations/1825000000000-buildEntries.ts';
import { Certificates1830000000000 } from './migrations/1830000000000-certificates.ts';
import { Welding1835000000000 } from './migrations/1835000000000-welding.ts';
import { JobsClosedAndCopied1840000000000 } from './migrations/1840000000000-jobsClosedAndCopied.ts';
import { RevisionChanges1845000000000 } from './migrations/1845000000000-revisionChanges.ts';
import { ShopSettings1850000000000 } from './migrations/1850000000000-shopSettings.ts';
import { BuildEntryEntity } from '../build/buildEntry.entity.ts';
import { CutPlanEntity, SawnPieceEntity, StickDoneEntity } from '../stock/cutPlan.entities.ts';
import { RackPromiseEntity, RackTubeEntity } from '../stock/rack.entities.ts';
import { FloorTickEntity } from '../floor/floorTick.entity.ts';
import { IssuedSheetEntity } from '../floor/issuedSheet.entity.ts';
import { BendSetAsideEntity } from '../log/bendSetAside.entity.ts';
import { WeldProcedureEntity, WeldSampleEntity, WeldSamplePhotoEntity } from '../welding/welding.entities.ts';
import { ScrapEntity } from '../log/scrap.entity.ts';
import { MadeBendEntity } from '../log/madeBend.entity.ts';

/** In the order in which they were released. */
export const MIGRATIONS = [
  Foundation1790000000000,
  PhotosAndCertificates1795000000000,
  QuickPlans1800000000000,
  BendersInTheirRoom1805000000000,
  BendsMade1810000000000,
  IssuedSheets1815000000000,
  Rack1820000000000,
  BuildEntries1825000000000,
  Certificates1830000000000,
  Welding1835000000000,
  JobsClosedAndCopied1840000000000,
  RevisionChanges1845000000000,
  ShopSettings1850000000000,
];

/** Tables come from migrations alone, never from the entities. */
export const dataSourceOptions = (url: string): DataSourceOptions => ({
  type: 'postgres',
  url,
  entities: [
    JobEntity,
    PlanRevisionEntity,
    MachineEntity,
    DieEntity,
    TestBendEntity,
    TubeStockEntity,
    ShopSettingEntity,
    RuleBookEntity,
    PhotoEntity,
    MadeBendEntity,
    BendSetAsideEntity,
    ScrapEntity,
    IssuedSheetEntity,
    FloorTickEntity,
    RackTubeEntity,
    RackPromiseEntity,
    CutPlanEntity,
    SawnPieceEntity,
    StickDoneEntity,
    BuildEntryEntity,
    CertificateFileEntity,
    WeldProcedureEntity,
    WeldSampleEntity,
    WeldSamplePhotoEntity,
  ],
  migrations: MIGRATIONS,
  synchronize: false,
  migrationsRun: false,
  logging: false,
  poolSize: 10,
  // Opening a connection costs as much as ten saves: one that is there stays.
  extra: { idleTimeoutMillis: 0 },
});
