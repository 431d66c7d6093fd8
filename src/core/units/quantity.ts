/** Kinds of amount. A temperature and a difference of temperatures are different kinds. */
export type Quantity =
  | 'length'
  | 'area'
  | 'speed'
  | 'temperature'
  | 'temperatureDifference'
  | 'force'
  | 'density'
  | 'volts'
  | 'amps'
  | 'ohms'
  | 'watts'
  | 'heatPerLength'
  | 'time'
  | 'angle'
  | 'share'
  | 'count'
  | 'stiffness'
  | 'moment'
  | 'stress'
  | 'pitch'
  | 'mass'
  | 'airSpeed'
  | 'acceleration';

/** A unit: how to reach the document's unit of that quantity (mm, mm/s, °C, N, kg/m³ …) and back. */
export interface Unit {
  readonly id: string;
  readonly symbol: string;
  readonly quantity: Quantity;
  readonly toBase: (x: number) => number;
  readonly fromBase: (x: number) => number;
  /** What people type for it, lower case, without spaces. */
  readonly typed: readonly string[];
}
