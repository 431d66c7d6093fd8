import { HIDDEN_FAULTS } from '@/core/documents/practice';

/** What a meter shows at one moment. */
export interface MeterReading {
  readonly amps: number;
  /** At the clips. */
  readonly volts: number;
}

/** Something that reads amps and volts of the rig's loop while its control stands at a setting. */
export interface MeterPort {
  /** Tells the bench where its dial was put; the wire begins to follow. */
  readonly set: (setting: number | null) => void;
  readonly read: () => Promise<MeterReading>;
  /** What is wrong with it, for afterwards; null where nothing can know. */
  readonly hidden: () => BenchFault | null;
}

export const BENCH_FAULTS = [...HIDDEN_FAULTS, 'averages', 'slipped'] as const;
export type BenchFault = (typeof BENCH_FAULTS)[number];
