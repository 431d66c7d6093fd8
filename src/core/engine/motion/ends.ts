import { shareInBox, type Box } from '../../numeric/box';
import { between, type Pt } from '../../numeric/polyline';

/** Where the wire passes both faces of the block, mm. */
export interface Ends {
  readonly left: Pt;
  readonly right: Pt;
}
export const level = (p: Pt): Ends => ({ left: p, right: p });

/** Places of the wire between both faces, ends included, that are looked at. */
export const ACROSS = [0, 0.25, 0.5, 0.75, 1];

/** Whether no place of the wire passes a box on its way from one position to the next. */
export const clearOf = (box: Box, from: Ends, to: Ends): boolean =>
  ACROSS.every(
    (s) => shareInBox(between(from.left, from.right, s), between(to.left, to.right, s), box) === null,
  );
