/** Words of the called cut. */
export const CHECKS = {
  people: 'Everyone knows their end, the word “hold”, and where the switch is',
  air: 'Open air, or a fan that draws away; nothing flammable about; spray-glue vapour gone',
  glasses: 'Glasses and sleeves on, a glove for the hand by the wire, an extinguisher at hand',
  blank: 'The blank lies still: weights on it, bow and wire clear the bench',
  templates: 'Templates pinned, parallel and at their heights; edges smooth',
  pull: 'The tension is set and the wire straight',
} as const;
export type CheckId = keyof typeof CHECKS;
/** Without heat only these matter. */
export const COLD_CHECKS: readonly CheckId[] = ['people', 'blank', 'templates'];

export const BETWEEN = {
  may: 'Once it is cold: the offcut, the pins of the next pair, the block.',
  not: 'Not the wire, nor its ends, nor the clips, while it is hot or could be switched on.',
} as const;

export const HELD_HOT =
  'The wire goes on melting where it stands. Go on soon, or lead it out into air and switch off.';
