const UNITS = ['kB', 'MB', 'GB'] as const;

/** Bytes as they are spoken of: whole kB, MB to a tenth under ten. */
export function sizeText(bytes: number): string {
  let n = bytes / 1000;
  let unit = 0;
  while (n >= 1000 && unit < UNITS.length - 1) {
    n /= 1000;
    unit++;
  }
  return `${unit > 0 && n < 10 ? n.toFixed(1) : Math.round(n)} ${UNITS[unit]}`;
}
