/** Below the board the wire runs this much further to its bolt, mm. Ours. */
export const UNDER_BOLT_MM = 20;
