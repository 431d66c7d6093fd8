import type { Values } from '../../../documents/reading';
import type { MaterialFigures } from '../../../documents/worksheet';
import type { MaterialCode } from '../../../documents/materialCodes';

/** Wall of the metal bush that keeps a hot wire off the wood, mm. Ours. */
export const WALL_MM = 1;

/** One line of a list of parts. */
export const built = (code: MaterialCode, count: number, values: Values): MaterialFigures => ({
  code,
  count,
  values: { ...values },
});
