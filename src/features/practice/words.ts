/** Names of what is led. */
export const ENDS = { one: 'Both ends', near: 'Near end', far: 'Far end' } as const;
export const CORE_ENDS = { one: 'Both ends', near: 'Root', far: 'Tip' } as const;
export const LOOP = { one: 'The loop’s foot', near: 'Loop', far: 'Loop' } as const;
export const PUSHED = { one: 'The foam, pushed past the wire', near: 'Foam', far: 'Foam' } as const;

export const KEYS_ONE =
  'Pointer: press on the wire and draw it along. Keys: space leads or stands, arrow up and down change the feed; the wire stops at a corner until you go on.';
export const KEYS_TWO =
  'Two fingers, one on each picture; or a pointer on one end and keys for the other. Keys: space leads or stands, arrows change the near end’s feed, W and S the far end’s.';

/** An unknown bench has no figures to ask for. */
export const NO_GOAL = { feedMmS: 0, minMmS: 0, maxMmS: 0, waitS: 0, shortMmS: 0 } as const;
