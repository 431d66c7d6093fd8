import { axesOf, AXIS_LETTERS, type AxisLetter, type Machine } from '../../documents/machine';
import { feedLength, type CodeFault, type Move, type Program } from './program';
import { homeOf } from './home';
import { wordsOf } from './codeWords';

/** Most lines of a program, and the largest number in one. Ours. */
export const MOST_LINES = 300_000;
const MOST_NUMBER = 1e6;
const MM_PER_INCH = 25.4;
/** So many faults are named one by one. */
const MOST_FAULTS = 200;
const isAxis = (letter: string): letter is AxisLetter => (AXIS_LETTERS as readonly string[]).includes(letter);

/**
 * Reads motion code line by line, of the words that are written here (RS274/NGC: Kramer, Proctor, Messina, NISTIR 6556, 2000): G0 G1 G4 G20 G21
 * G90 G93 G94, M0 M2 M3 M5 M30, F P S N and the machine's axes. Whatever else a line holds is a fault with its line; the words that are known
 * are still done, so that a maker may look at the rest. Feeds become the seconds that they ask for.
 */
export class CodeReader {
  readonly start: readonly number[];
  readonly moves: Move[] = [];
  readonly faults: CodeFault[] = [];
  private readonly letters: readonly AxisLetter[];
  private readonly byHand: boolean;
  private at: readonly number[];
  private scale: number;
  private mode: 'rapid' | 'feed' | null = null;
  private inverse: boolean;
  private feed: number | null = null;
  private heat: number;
  private level = 1;

  constructor(private readonly m: Machine) {
    this.letters = axesOf(m);
    this.start = this.at = homeOf(m);
    this.scale = m.code.units === 'in' ? MM_PER_INCH : 1;
    this.inverse = m.code.feed === 'G93';
    // Heat that is switched by hand is not in the code: it counts as on.
    this.byHand = m.code.heat === 'none';
    this.heat = this.byHand ? 1 : 0;
  }

  fault(line: number, code: CodeFault['code'], word: string): void {
    if (this.faults.length < MOST_FAULTS) this.faults.push({ line, code, word: word.slice(0, 40) });
  }

  /** Reads one line; whether the program goes on after it. */
  read(text: string, line: number): boolean {
    if (text.trim() === '%') return true;
    const seen: string[] = [];
    const { words, rest, open } = wordsOf(text);
    if (open) this.fault(line, 'open-comment', text.slice(text.lastIndexOf('(')));
    if (rest !== '') this.fault(line, 'unknown-word', rest);
    const once = (group: string, word: string) => {
      if (seen.includes(group)) this.fault(line, 'twice-on-a-line', word);
      seen.push(group);
    };
    let to: number[] | null = null;
    let [waits, pauses, ends, on, off] = [false, false, false, false, false];
    let p: number | null = null;
    let f: number | null = null;
    const axisWords: [number, number, AxisLetter][] = [];
    for (const [letter, value] of words) {
      if (Math.abs(value) > MOST_NUMBER) {
        this.fault(line, 'bad-number', `${letter}${value}`);
        continue;
      }
      if (letter === 'G') {
        if (value === 0 || value === 1) {
          once('motion', `G${value}`);
          this.mode = value === 0 ? 'rapid' : 'feed';
        } else if (value === 4) {
          once('motion', `G${value}`);
          waits = true;
        } else if (value === 20 || value === 21) {
          once('units', `G${value}`);
          this.scale = value === 20 ? MM_PER_INCH : 1;
        } else if (value === 93 || value === 94) {
          once('feed', `G${value}`);
          this.inverse = value === 93;
          this.feed = null;
        } else if (value === 90) once('distance', 'G90');
        else this.fault(line, 'unknown-word', `${letter}${value}`);
      } else if (letter === 'M') {
        once(value === 3 || value === 5 ? 'heat' : 'stop', `M${value}`);
        if (value === 0) pauses = true;
        else if (value === 2 || value === 30) ends = true;
        else if (value === 3) on = true;
        else if (value === 5) off = true;
        else this.fault(line, 'unknown-word', `${letter}${value}`);
      } else if (letter === 'N') once('N', `N${value}`);
      else if (letter === 'F' || letter === 'P' || letter === 'S') {
        once(letter, `${letter}${value}`);
        if (letter === 'F') f = value;
        else if (letter === 'P') p = value;
        else this.level = Math.min(1, Math.max(0, value / this.m.code.heatMax));
        if (letter === 'S' && this.heat > 0) this.heat = this.level;
      } else if (isAxis(letter)) {
        once(letter, `${letter}${value}`);
        const k = this.letters.indexOf(letter);
        if (k < 0) this.fault(line, 'no-such-axis', `${letter}${value}`);
        else axisWords.push([k, value, letter]);
      } else this.fault(line, 'unknown-word', `${letter}${value}`);
    }
    if (f !== null && !(f > 0)) {
      this.fault(line, 'bad-number', `F${f}`);
      f = null;
    }
    if (f !== null) this.feed = f;
    if (on) this.heat = this.level;
    if (off) this.heat = 0;
    if (this.byHand) this.heat = 1;
    else if (on || off || (seen.includes('S') && this.heat > 0))
      this.moves.push({ line, kind: 'heat', at: this.at, askedS: 0, heat: this.heat });
    if (waits) {
      if (p === null || p < 0) this.fault(line, 'wait-without-time', 'G4');
      else
        this.moves.push({
          line,
          kind: 'wait',
          at: this.at,
          askedS: this.m.code.dwell === 'ms' ? p / 1000 : p,
          heat: this.heat,
        });
    }
    if (axisWords.length > 0) {
      to = [...this.at];
      // Degrees of a turning axis are degrees in either unit.
      for (const [k, value, letter] of axisWords) to[k] = value * (letter === this.m.turn ? 1 : this.scale);
      if (this.mode === null) this.fault(line, 'no-mode', '');
      else if (this.mode === 'rapid')
        this.moves.push({ line, kind: 'rapid', at: to, askedS: 0, heat: this.heat });
      else {
        // Inverse time holds for its own line alone; a speed goes on (NISTIR 6556, 3.5.19).
        const use = this.inverse ? f : this.feed;
        if (use === null) this.fault(line, 'no-feed-word', 'F');
        const seconds =
          use === null
            ? 0
            : this.inverse
              ? 60 / use
              : (60 * feedLength(this.m, this.at, to)) / (use * this.scale);
        this.moves.push({ line, kind: 'feed', at: to, askedS: seconds, heat: this.heat });
      }
      this.at = to;
    }
    if (pauses) this.moves.push({ line, kind: 'pause', at: this.at, askedS: 0, heat: this.heat });
    return !ends;
  }
}

/** Reads a whole program; a file that is no text, or of too many lines, not at all. */
export function readCode(text: string, m: Machine): Program {
  const reader = new CodeReader(m);
  const lines = text.split(/\r\n|\r|\n/);
  if (/[\0-\x08\x0e-\x1f\ufffd]/.test(text.slice(0, 100_000))) reader.fault(1, 'no-text', '');
  else if (lines.length > MOST_LINES) reader.fault(MOST_LINES, 'too-many-lines', String(MOST_LINES));
  else lines.every((line, i) => reader.read(line, i + 1));
  return { start: reader.start, moves: reader.moves, faults: reader.faults };
}
