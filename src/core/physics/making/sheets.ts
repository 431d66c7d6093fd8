/**
 * Thickness in mm of a sheet cut over spacers: h − (w − d)/2. The wire of diameter d lies on spacers of height h; its kerf w
 * reaches (w − d)/2 below it. All mm. Geometry.
 */
export const sheetOverSpacers = (spacer: number, kerf: number, wire: number): number =>
  spacer - (kerf - wire) / 2;

/** Height in mm of the spacers that leave a sheet: the way back of the above. */
export const spacersFor = (sheet: number, kerf: number, wire: number): number => sheet + (kerf - wire) / 2;

/**
 * Turns of two screws that carry the wire, counted from the wire lying on the board, for a sheet: (s + w/2 − d/2)/pitch. All mm.
 * Geometry.
 */
export const turnsFor = (sheet: number, kerf: number, wire: number, pitch: number): number =>
  (sheet + kerf / 2 - wire / 2) / pitch;

/** Thickness in mm of a sheet after so many turns from the board: n·pitch + d/2 − w/2. */
export const sheetAfterTurns = (turns: number, kerf: number, wire: number, pitch: number): number =>
  turns * pitch + wire / 2 - kerf / 2;

/**
 * Sheets that a block gives: ⌊(H − skins − w)/(s + w)⌋, none below nought. The first slice off a rough face is waste, which its
 * kerf stands for. All mm.
 */
export function sheetsFrom(height: number, skins: number, sheet: number, kerf: number): number {
  return Math.max(0, Math.floor((height - skins - kerf) / (sheet + kerf) + 1e-9));
}

/** How much a sheet varies over a block W wide when the wire's heights differ by Δz at supports B apart: Δz·W/B. All mm. */
export const wedgeAcross = (heightsDiffer: number, width: number, supports: number): number =>
  (heightsDiffer * width) / supports;

/** Sag in m of a tight wire's middle: μ·g·L²/(8·T). kg/m, m, N. Source: shallow parabola, any statics text. */
export const sagOf = (massPerMetre: number, length: number, pull: number): number =>
  (massPerMetre * 9.80665 * length * length) / (8 * pull);

/** Kerf in mm that a stack of sheets tells: d + 2·(h − S/n), spacers h, S over n sheets. All mm. */
export const kerfFromStack = (spacer: number, stack: number, sheets: number, wire: number): number =>
  wire + 2 * (spacer - stack / sheets);

/**
 * Angle in degrees at which a block of mass m slides along a board against drag D: m·g·(sin φ − f·cos φ) = D. kg, N, friction f.
 * Null where no angle does: the block is too light. Source: inclined plane.
 */
export function slideAngle(mass: number, dragN: number, friction: number): number | null {
  const share = dragN / (mass * 9.80665 * Math.hypot(1, friction));
  if (!(share <= 1)) return null;
  const angle = ((Math.asin(share) + Math.atan(friction)) * 180) / Math.PI;
  return angle < 90 ? angle : null;
}
