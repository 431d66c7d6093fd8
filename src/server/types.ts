/** What crosses from the server to the pages: types only, so that nothing of the database is drawn in. */
export type { PullRecord } from '@/db/pulls';
export type { DamageTold, KeptBackup } from './backup';
export type { Checked, CheckFault } from './check';
export type { JobRecord, KeptRecord, PlanRecord } from '@/db/kept';
export type { PracticeRunRecord } from '@/core/documents/practice';
export type { MachineRecord } from '@/db/machines';
export type { EventRecord } from '@/db/events';
export type { LogEntry, LogPage, LogView } from '@/db/logbook';
export type { WireState } from './wire';
export type { PhotoRecord } from '@/db/photos';
export type { Imported } from './logbook';
export type { CutRecord, RigLinks, RigRecord } from '@/db/rigs';
export type {
  ControlStock,
  FoamStock,
  LeadStock,
  NewStock,
  Spool,
  Stock,
  StockItems,
  StockKind,
  SupplyStock,
} from '@/db/stock';
export type { Logged, OpenRig, ShelfRig } from './rigs';
export type { DeviceRecord } from '@/db/devices';
export type { DeviceRight } from '@/db/schema';
export type { Devices, Invitation } from './devices';
