import { axesOf, AXIS_LETTERS, type AxisLetter, type Machine } from '../../documents/machine';
import { feedLength, homeOf, type CodeFault, type Move, type Program } from './program';

/** Most lines of a program, and the largest number in one. Ours. */
export const MOST_LINES = 300_000;
const MOST_NUMBER = 1e6;
const MM_PER_INCH = 25.4;
/** So many faults are named one by one. */
const MOST_FAULTS = 200;

const WORD = /\s*([A-Za-z])\s*([+-]?(?:\d+\.?\d*|\.\d+))(?![.\d])/y;
const isAxis = (letter: string): letter is AxisLetter => (AXIS_LETTERS as readonly string[]).includes(letter);

/** Words of a line and what is left of it that is none; comments by RS-274: in round brackets, or from a semicolon on. */
export function wordsOf(line: string): { words: [string, number][]; rest: string; open: boolean } {
  let code = line;
  let open = false;
  if (/[(;]/.test(line)) {
    code = '';
    for (const c of line) {
      if (open) open = c !== ')';
      else if (c === ';') break;
      else if (c === '(') open = true;
      else code += c;
    }
  }
  const words: [string, number][] = [];
  let rest = '';
  WORD.lastIndex = 0;
  for (let at = 0; at < code.length;) {
    WORD.lastIndex = at;
    const found = WORD.exec(code);
    if (found) {
      words.push([found[1]!.toUpperCase(), Number(found[2])]);
      at = WORD.lastIndex;
    } else {
      rest += code[at]!;
      at++;
    }
  }
  return { words, rest: rest.trim(), open };
}

/**
 * Reads motion code of the words that are written here (RS274/NGC: Kramer, Proctor, Messina, NISTIR 6556, 2000): G0 G1 G4 G20 G21 G90 G93
 * G94, M0 M2 M3 M5 M30, F P S N and the machine's axes. Whatever else a line holds is a fault with its line; the words that are known are
 * still done, so that a maker may look at the rest. Feeds become the seconds that they ask for.
 */
export function readCode(text: string, m: Machine): Program {
  const letters = axesOf(m);
  const faults: CodeFault[] = [];
  const fault = (line: number, code: CodeFault['code'], word: string) => {
    if (faults.length < MOST_FAULTS) faults.push({ line, code, word: word.slice(0, 40) });
  };
  const start = homeOf(m);
  const moves: Move[] = [];
  const lines = text.split(/\r\n|\r|\n/);
  if (/[\0-\x08\x0e-\x1f\ufffd]/.test(text.slice(0, 100_000))) {
    fault(1, 'no-text', '');
    return { start, moves, faults };
  }
  if (lines.length > MOST_LINES) {
    fault(MOST_LINES, 'too-many-lines', String(MOST_LINES));
    return { start, moves, faults };
  }
  let at = start;
  let scale = m.code.units === 'in' ? MM_PER_INCH : 1;
  let mode: 'rapid' | 'feed' | null = null;
  let inverse = m.code.feed === 'G93';
  let feed: number | null = null;
  // Heat that is switched by hand is not in the code: it counts as on.
  const byHand = m.code.heat === 'none';
  let heat = byHand ? 1 : 0;
  let level = 1;
  const seen: string[] = [];
  lines.every((text, i) => {
    const line = i + 1;
    if (text.trim() === '%') return true;
    const { words, rest, open } = wordsOf(text);
    if (open) fault(line, 'open-comment', text.slice(text.lastIndexOf('(')));
    if (rest !== '') fault(line, 'unknown-word', rest);
    seen.length = 0;
    const once = (group: string, word: string) => {
      if (seen.includes(group)) fault(line, 'twice-on-a-line', word);
      seen.push(group);
    };
    let to: number[] | null = null;
    let [waits, pauses, ends, on, off] = [false, false, false, false, false];
    let p: number | null = null;
    let f: number | null = null;
    const axisWords: [number, number, AxisLetter][] = [];
    for (const [letter, value] of words) {
      if (Math.abs(value) > MOST_NUMBER) {
        fault(line, 'bad-number', `${letter}${value}`);
        continue;
      }
      if (letter === 'G') {
        if (value === 0 || value === 1) {
          once('motion', `G${value}`);
          mode = value === 0 ? 'rapid' : 'feed';
        } else if (value === 4) {
          once('motion', `G${value}`);
          waits = true;
        } else if (value === 20 || value === 21) {
          once('units', `G${value}`);
          scale = value === 20 ? MM_PER_INCH : 1;
        } else if (value === 93 || value === 94) {
          once('feed', `G${value}`);
          inverse = value === 93;
          feed = null;
        } else if (value === 90) once('distance', 'G90');
        else fault(line, 'unknown-word', `${letter}${value}`);
      } else if (letter === 'M') {
        once(value === 3 || value === 5 ? 'heat' : 'stop', `M${value}`);
        if (value === 0) pauses = true;
        else if (value === 2 || value === 30) ends = true;
        else if (value === 3) on = true;
        else if (value === 5) off = true;
        else fault(line, 'unknown-word', `${letter}${value}`);
      } else if (letter === 'N') once('N', `N${value}`);
      else if (letter === 'F' || letter === 'P' || letter === 'S') {
        once(letter, `${letter}${value}`);
        if (letter === 'F') f = value;
        else if (letter === 'P') p = value;
        else level = Math.min(1, Math.max(0, value / m.code.heatMax));
        if (letter === 'S' && heat > 0) heat = level;
      } else if (isAxis(letter)) {
        once(letter, `${letter}${value}`);
        const k = letters.indexOf(letter);
        if (k < 0) fault(line, 'no-such-axis', `${letter}${value}`);
        else axisWords.push([k, value, letter]);
      } else fault(line, 'unknown-word', `${letter}${value}`);
    }
    if (f !== null && !(f > 0)) {
      fault(line, 'bad-number', `F${f}`);
      f = null;
    }
    if (f !== null) feed = f;
    if (on) heat = level;
    if (off) heat = 0;
    if (byHand) heat = 1;
    else if (on || off || (seen.includes('S') && heat > 0))
      moves.push({ line, kind: 'heat', at, askedS: 0, heat });
    if (waits) {
      if (p === null || p < 0) fault(line, 'wait-without-time', 'G4');
      else moves.push({ line, kind: 'wait', at, askedS: m.code.dwell === 'ms' ? p / 1000 : p, heat });
    }
    if (axisWords.length > 0) {
      to = [...at];
      // Degrees of a turning axis are degrees in either unit.
      for (const [k, value, letter] of axisWords) to[k] = value * (letter === m.turn ? 1 : scale);
      if (mode === null) fault(line, 'no-mode', '');
      else if (mode === 'rapid') moves.push({ line, kind: 'rapid', at: to, askedS: 0, heat });
      else {
        // Inverse time holds for its own line alone; a speed goes on (NISTIR 6556, 3.5.19).
        const use = inverse ? f : feed;
        if (use === null) fault(line, 'no-feed-word', 'F');
        const seconds = use === null ? 0 : inverse ? 60 / use : (60 * feedLength(m, at, to)) / (use * scale);
        moves.push({ line, kind: 'feed', at: to, askedS: seconds, heat });
      }
      at = to;
    }
    if (pauses) moves.push({ line, kind: 'pause', at, askedS: 0, heat });
    return !ends;
  });
  return { start, moves, faults };
}
