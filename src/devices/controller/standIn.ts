import { axesOf, type Machine } from '@/core/documents/machine';
import type { Move } from '@/core/engine/motion/program';
import { homeOf, zeroOf } from '@/core/engine/motion/home';
import { CodeReader } from '@/core/engine/motion/read';
import { timeTaken } from '@/core/physics/motion/timing';
import {
  LinkLost,
  type ControllerPort,
  type ControllerReport,
  type ControllerState,
  type Injected,
  type LineReply,
} from './port';

/** Lines that it holds, and how far it looks ahead to be able to stop. Ours: common controllers hold dozens. */
const HOLDS = 256;
const LOOKS_AHEAD = 64;
/** An axis that loses steps falls behind by so much, mm. Ours. */
const LOST_MM = 2.5;
/** A rapid or a way without an asked time goes as fast as the axes allow. */
const AT_ONCE_S = 1e-6;

/** A move that is being done: from where and when, how long, and the speed that it ends with. */
interface Doing {
  readonly move: Move;
  readonly from: readonly number[];
  readonly since: number;
  readonly takes: number;
  readonly exit: number;
}

/**
 * One simulated controller on a machine: as fast as its axes and its planning ahead allow, by a clock in seconds that can be replaced. It knows nothing of the
 * foam. `injected`: what goes wrong with it, and when.
 */
export class StandInController implements ControllerPort {
  private reader: CodeReader;
  private lines = 0;
  private state: ControllerState = 'ready';
  private next = 0;
  private doing: Doing | null = null;
  private at: readonly number[];
  private speed = 0;
  private heat = 0;
  private began: number | null = null;
  private readAt = 0;
  private why: string | null = null;
  private lost = false;
  private refusedOnce = false;
  private off: readonly number[];
  /** Share of the next move that is still to be done, after it was broken off. */
  private part = 1;

  constructor(
    private readonly m: Machine,
    private readonly clock: () => number,
    private readonly injected: Injected | null = null,
  ) {
    this.reader = new CodeReader(m);
    this.at = homeOf(m);
    this.off = this.at.map(() => 0);
  }

  async send(line: string): Promise<LineReply> {
    this.linked();
    this.advance();
    if (this.state === 'stopped' || this.state === 'alarm') return { ok: false, why: 'stopped: home it first' };
    if (this.lines - this.done() >= HOLDS) return { ok: false, why: 'no room for another line' };
    const n = this.lines + 1;
    if (this.injected?.fault === 'refused' && n === this.injected.line && !this.refusedOnce) {
      this.refusedOnce = true;
      return { ok: false, why: 'the line came torn' };
    }
    const faults = this.reader.faults.length;
    this.reader.read(line, n);
    const [fault] = this.reader.faults.slice(faults);
    if (fault) return { ok: false, why: `${fault.code}${fault.word && `: ${fault.word}`}` };
    this.lines = n;
    if (this.injected?.fault === 'link' && n >= this.injected.line) this.lost = true;
    if (this.state === 'ready' && this.next < this.reader.moves.length) this.state = 'running';
    this.began ??= this.clock();
    this.readAt = this.clock();
    return { ok: true };
  }
  async report(): Promise<ControllerReport> {
    this.linked();
    this.advance();
    return this.now();
  }
  async hold(): Promise<void> {
    this.linked();
    this.advance();
    if (this.state !== 'running') return;
    this.rest();
    this.state = 'held';
  }
  async resume(): Promise<void> {
    this.linked();
    this.advance();
    if (this.state !== 'held' && this.state !== 'waiting') return;
    this.readAt = this.clock();
    this.state = 'running';
  }
  async stop(): Promise<void> {
    this.advance();
    this.rest();
    this.heat = 0;
    this.state = 'stopped';
  }
  async home(): Promise<void> {
    this.reader = new CodeReader(this.m);
    this.at = homeOf(this.m);
    this.off = this.at.map(() => 0);
    [this.lines, this.next, this.speed, this.heat, this.part] = [0, 0, 0, 0, 1];
    [this.doing, this.began, this.why, this.lost] = [null, null, null, false];
    this.state = 'ready';
  }

  /** As somebody sees it who stands beside it: where the axes truly are, and whether the wire is hot, link or no link. */
  truly(): { readonly at: readonly number[]; readonly heat: number; readonly state: ControllerState } {
    this.advance();
    return { at: this.position().map((x, k) => x + this.off[k]!), heat: this.heat, state: this.state };
  }

  private linked(): void {
    if (this.lost) throw new LinkLost();
  }
  /** Last line of which everything is done: a line without a move is done with what is before it. */
  private done(): number {
    const move = this.reader.moves[this.next];
    return move ? move.line - 1 : this.lines;
  }
  private now(): ControllerReport {
    return {
      state: this.state,
      line: this.done(),
      at: this.position(),
      heat: this.heat,
      seconds: this.began === null ? 0 : this.clock() - this.began,
      room: HOLDS - (this.lines - this.done()),
      why: this.why,
    };
  }
  private position(): readonly number[] {
    if (!this.doing) return this.at;
    const { move, from, since, takes } = this.doing;
    const t = takes > 0 ? Math.min(1, Math.max(0, (this.clock() - since) / takes)) : 1;
    return from.map((x, k) => x + t * (move.at[k]! - x));
  }
  /** Stands where it is; what was being done begins anew from there. */
  private rest(): void {
    this.at = this.position();
    if (this.doing && this.doing.takes > 0)
      this.part *= 1 - Math.min(1, Math.max(0, (this.clock() - this.doing.since) / this.doing.takes));
    this.doing = null;
    this.speed = 0;
  }

  /** Does what is due by the clock. */
  private advance(): void {
    let since = this.doing?.since ?? this.readAt;
    while (this.state === 'running') {
      this.doing ??= this.begin(since);
      if (!this.doing) {
        this.speed = 0;
        if (this.why === null) this.state = 'ready';
        return;
      }
      const { move, takes, exit } = this.doing;
      const ends = this.doing.since + takes;
      if (this.injected?.fault === 'switch' && move.line >= this.injected.line && move.kind !== 'heat') {
        if (this.clock() < this.doing.since + takes / 2) return;
        return this.alarm(`a limit switch opened on line ${move.line}`);
      }
      if (this.clock() < ends) return;
      this.at = move.at;
      this.speed = exit;
      this.doing = null;
      this.part = 1;
      this.next++;
      since = ends;
      if (move.kind === 'pause') {
        this.state = 'waiting';
        this.speed = 0;
      }
    }
  }
  private alarm(why: string): void {
    this.rest();
    this.heat = 0;
    this.why = why;
    this.state = 'alarm';
  }

  /** The next move, timed with what is known of those behind it: it must be able to stop where its lines end. */
  private begin(since: number): Doing | null {
    const { moves } = this.reader;
    const move = moves[this.next];
    if (!move) return null;
    if (this.injected?.fault === 'lost-steps' && move.line >= this.injected.line)
      this.off = this.off.map((_, k) => (k === 0 ? -LOST_MM : 0));
    const letters = axesOf(this.m);
    const beyond = letters.find((l, k) => {
      const to = move.at[k]! + zeroOf(this.m, l);
      return to < this.m.axes[l]!.minMm - 1e-6 || to > this.m.axes[l]!.maxMm + 1e-6;
    });
    if (beyond) {
      this.alarm(`axis ${beyond} would leave its travel on line ${move.line}`);
      return null;
    }
    if (move.kind === 'heat') this.heat = move.heat;
    const base = { move, from: this.at, since };
    if (move.kind === 'wait') return { ...base, takes: this.part * move.askedS, exit: 0 };
    if (move.kind === 'heat' || move.kind === 'pause') return { ...base, takes: 0, exit: 0 };
    const ahead = moves.slice(this.next, this.next + LOOKS_AHEAD);
    const stops = ahead.findIndex((a) => a.kind !== 'feed' && a.kind !== 'rapid');
    const ways = stops < 0 ? ahead : ahead.slice(0, stops);
    const { seconds, speeds } = timeTaken({
      axes: letters.map((l) => ({ speed: this.m.axes[l]!.maxMmS, accel: this.m.axes[l]!.accelMmS2 })),
      at: Float64Array.from([...this.at, ...ways.flatMap((w) => w.at)]),
      asked: Float64Array.from(ways, (w, i) =>
        w.askedS > 0 ? w.askedS * (i === 0 ? this.part : 1) : AT_ONCE_S,
      ),
      rests: () => false,
      delta: this.m.deltaMm,
      entry: this.speed,
    });
    return { ...base, takes: seconds[0]!, exit: speeds[1]! };
  }
}
