/** Why a next setting and feed are advised. */
export const ADVICE_REASONS = [
  'first',
  'hotter',
  'cooler',
  'more-heat',
  'less-heat',
  'hold',
  'back',
  'keep',
  'feed',
  'faster',
  'slower',
  'too-cold',
  'no-window',
  'no-figures',
] as const;
export type AdviceReason = (typeof ADVICE_REASONS)[number];
