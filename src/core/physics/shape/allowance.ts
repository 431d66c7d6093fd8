/** What of a template decides how much it must be larger or smaller than what is wanted. */
export interface Riding {
  /** Kerf and wire, one unit. */
  readonly slot: number;
  readonly diameter: number;
  /** The piece that holds the template's pins. */
  readonly pinnedTo: 'core' | 'block-bottom';
  readonly firstCut: 'bottom' | 'top';
  /** The wire goes round a shape that stays, or inside a shape that falls out. */
  readonly round: 'outside' | 'inside';
  /** One template for both faces: the block is turned over between its two cuts. */
  readonly turned?: boolean;
}

/** Growth of the top and the bottom edge, how low the core comes to lie, and what it would lose in thickness without the growth. */
export interface Allowance {
  readonly top: number;
  readonly bottom: number;
  readonly low: number;
  readonly loss: number;
}

/**
 * Allowance of a pair of templates for the kerf. Half of what the kerf is wider than the wire, h = (w − d)/2, is melted behind the
 * edge the wire rides on. Pinned to the core each edge grows by h (inside a shape it shrinks by h). Pinned to the bottom of the block,
 * the wire lying on the upper edge of both: cut below first, the core sinks by its own kerf and nothing is lost, it lies h low; cut
 * above first, it would be a whole w thinner: the top grows by h, the bottom by w − h. A kerf no wider than the wire: 0.
 * Source: PHYSICS section 3, ours: the geometry of the kerf.
 */
export function allowance(r: Riding): Allowance {
  const half = Math.max(0, r.slot - r.diameter) / 2;
  if (r.turned) return turnedOver(r, half);
  if (r.round === 'inside') return { top: -half, bottom: -half, low: 0, loss: -2 * half };
  if (r.pinnedTo === 'core') return { top: half, bottom: half, low: 0, loss: 2 * half };
  if (r.firstCut === 'bottom') return { top: 0, bottom: 0, low: half, loss: 0 };
  const slot = Math.max(0, r.slot);
  return { top: half, bottom: slot - half, low: 0, loss: slot };
}

/**
 * Allowance of one template that cuts both faces, its block turned over between, a the edge's height over the line that it is turned about.
 * Pinned to the core on that line, each face loses h like every other. Pinned to what lies on the bench: cut above, the core then lies in its
 * offcut, sunk by w, and the wire on the edge takes the second face that much higher, 2a + d thick: the edge is d/2 less. Cut below, the
 * wire on the edge takes (w + d)/2 of the core each time: the edge stands that much out. Ours: the geometry of the kerf.
 */
function turnedOver(r: Riding, half: number): Allowance {
  const slot = Math.max(r.diameter, r.slot);
  const each = r.pinnedTo === 'core' ? half : r.firstCut === 'top' ? -r.diameter / 2 : (slot + r.diameter) / 2;
  return { top: each, bottom: each, low: 0, loss: 2 * each };
}
