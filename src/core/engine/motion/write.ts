import { axesOf, type AxisLetter, type Machine } from '../../documents/machine';
import { feedLength, type Move } from './program';
import { zeroOf } from './home';

const MM_PER_INCH = 25.4;
/** Least figures of a feed: so that its seconds come back to a ten-thousandth. */
const FEED_FIGURES = 7;

/** A comment in the machine's way; brackets and line ends within it would end it. */
export function comment(m: Machine, text: string): string {
  const plain = text.replace(/[()\r\n]/g, ' ').replace(/[^\x20-\x7e]/g, (c) => ASCII[c] ?? '?');
  return m.code.comment === '(' ? `(${plain})` : `; ${plain}`;
}
/** Signs of our words that a controller's character set may lack. */
const ASCII: Readonly<Record<string, string>> = {
  '–': '-',
  '−': '-',
  '’': "'",
  '°': ' deg',
  '²': '2',
  '³': '3',
  '×': 'x',
  '\u00a0': ' ',
  '\u202f': ' ',
};

/** A number as code has it: no exponent, no trailing noughts, no minus nought. */
export function codeNumber(value: number, decimals: number): string {
  const text = value.toFixed(decimals).replace(/\.?0+$/, '');
  return text === '-0' ? '0' : text;
}

/** A feed by significant figures, never as an exponent. */
const feedNumber = (value: number): string => {
  const whole = Math.max(0, Math.floor(Math.log10(value)) + 1);
  return codeNumber(value, Math.max(0, FEED_FIGURES - whole));
};

/** A coordinate as its code has it, mm: rounded to the machine's decimals in the machine's unit, and the other way where the axis' travel ends within the last of them. */
export function asCoded(m: Machine, letter: AxisLetter, mm: number): number {
  const scale = letter === m.turn ? 1 : m.code.units === 'in' ? MM_PER_INCH : 1;
  const step = 10 ** -m.code.decimals * scale;
  const at = Number((mm / scale).toFixed(m.code.decimals)) * scale;
  const { minMm, maxMm } = m.axes[letter]!;
  const zero = zeroOf(m, letter);
  const over = (x: number) => Math.max(minMm - x - zero, x + zero - maxMm);
  if (!(over(at) > 1e-9) || over(mm) > 1e-9) return at;
  const to = at + zero < minMm ? at + step : at - step;
  return Number((to / scale).toFixed(m.code.decimals)) * scale;
}

/** One thing to write: a move of a program, or a line of comment before the next. */
export type Written = (Omit<Move, 'line'> & { readonly note?: string }) | { readonly comment: string };

/**
 * Motion code of a program, and on which line each thing that was to be written stands, in the machine's units and way of feed; the words of RS274/NGC (NISTIR 6556) alone. Ends with heat off. Each position
 * is rounded once, so that errors do not add up, and the seconds of a way are those of the rounded one.
 */
export function writeCode(
  m: Machine,
  start: readonly number[],
  written: readonly Written[],
): { readonly code: string; readonly lineOf: readonly number[] } {
  const { code } = m;
  const letters = axesOf(m);
  const scale = code.units === 'in' ? MM_PER_INCH : 1;
  const lines = [`${code.units === 'in' ? 'G20' : 'G21'} G90 ${code.feed}`];
  const shown = (k: number, mm: number) => codeNumber(letters[k] === m.turn ? mm : mm / scale, code.decimals);
  let at = start.map((x, k) => Number(shown(k, x)) * (letters[k] === m.turn ? 1 : scale));
  // Before the first move nothing is known of where the machine stands: all axes are named.
  let named = false;
  let heat = 0;
  const lineOf: number[] = [];
  for (const w of written) {
    put(w);
    lineOf.push(lines.length);
  }
  return { code: lines.join('\n') + '\n', lineOf };

  function put(w: Written): void {
    if ('comment' in w) {
      lines.push(comment(m, w.comment));
      return;
    }
    const note = w.note === undefined ? '' : ` ${comment(m, w.note)}`;
    if (w.kind === 'heat') {
      if (code.heat === 'M3')
        lines.push((w.heat > 0 ? `M3 S${codeNumber(w.heat * code.heatMax, 2)}` : 'M5') + note);
      else if (w.heat > 0 !== heat > 0)
        lines.push(`M0 ${comment(m, w.heat > 0 ? 'heat on by hand, then go on' : 'heat off by hand')}`);
      heat = w.heat;
    } else if (w.kind === 'wait')
      lines.push(`G4 P${codeNumber(code.dwell === 'ms' ? w.askedS * 1000 : w.askedS, 3)}${note}`);
    else if (w.kind === 'pause') lines.push(`M0${note}`);
    else {
      const to = w.at.map((x, k) => Number(shown(k, x)) * (letters[k] === m.turn ? 1 : scale));
      const words = letters.flatMap((l, k) => (!named || to[k] !== at[k] ? [`${l}${shown(k, w.at[k]!)}`] : []));
      if (words.length === 0) return;
      if (w.kind === 'rapid') lines.push(`G0 ${words.join(' ')}${note}`);
      else {
        const f = code.feed === 'G93' ? 60 / w.askedS : (60 * feedLength(m, at, to)) / scale / w.askedS;
        lines.push(`G1 ${words.join(' ')} F${feedNumber(f)}${note}`);
      }
      named = true;
      at = to;
    }
  }
}
