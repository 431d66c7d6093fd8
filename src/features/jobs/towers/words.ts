import type { AxisLetter, CodeStyle } from '@/core/documents/machine';

export const FEED_NAMES: Readonly<Record<CodeStyle['feed'], string>> = {
  G93: 'G93: time of each move',
  G94: 'G94: speed',
};
export const MEANS_NAMES: Readonly<Record<CodeStyle['means'], string>> = {
  all: 'of all axes together',
  xyz: 'of X Y Z',
  xy: 'of X Y',
};
export const UNIT_NAMES: Readonly<Record<CodeStyle['units'], string>> = { mm: 'mm, G21', in: 'inches, G20' };
export const HEAT_NAMES: Readonly<Record<CodeStyle['heat'], string>> = {
  M3: 'M3 S on, M5 off',
  none: 'by hand, at M0',
};
export const DWELL_NAMES: Readonly<Record<CodeStyle['dwell'], string>> = { s: 'seconds', ms: 'milliseconds' };
export const COMMENT_NAMES: Readonly<Record<CodeStyle['comment'], string>> = {
  '(': '( in brackets )',
  ';': '; to the line’s end',
};
export const AXIS_NAMES: Readonly<Partial<Record<AxisLetter, string>>> = {
  X: 'X, left along',
  Y: 'Y, left up',
  U: 'U, right along',
  V: 'V, right up',
};
export const END_NAMES = { root: 'Root', tip: 'Tip' } as const;
export const CORE_CUT_NAMES = {
  'top-bottom': 'Top and bottom apart',
  outline: 'All round in one',
  square: 'One straight cut',
} as const;
export const FIRST_NAMES = { bottom: 'the bottom', top: 'the top' } as const;
export const ROOT_NAMES = { left: 'the left tower', right: 'the right tower' } as const;
export const SIDES_NAMES = { '2': 'two', '3': 'three', '4': 'four', '6': 'six', '8': 'eight' } as const;
export const HOME_NAMES = { min: 'its low end', max: 'its high end', none: 'nowhere' } as const;
export const CAUTION =
  'That no finding stands here does not make it safe. Run it cold first, stay with it, a hand on the switch that stops it.';
