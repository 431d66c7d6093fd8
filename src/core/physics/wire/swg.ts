import { SWG_MM } from '../../catalog/gauges';
import { CoreFault } from '../../numeric/fault';

/** Diameter in metres of an imperial standard gauge, −6 (7/0) to 50; whole numbers only. Source: BS 3737. */
export function swgDiameter(gauge: number): number {
  const row = SWG_MM.find(([n]) => n === gauge);
  if (!row) throw new CoreFault('range', 'gauge', 'must be a whole imperial gauge from 7/0 to 50');
  return row[1] / 1000;
}
