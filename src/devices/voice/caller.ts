import type { Cue } from '@/core/engine/call/cues';
import { hold, paced, placeAt, run, START, whenAt, type CallClock } from '@/core/engine/call/clock';
import type { Heard, Timer, Voice } from './port';

/** How far ahead cues are set on the voice's own clock, s. A hidden page may wake once a minute: then 90 s are still set. */
export const AHEAD = 160;
/** How often it looks whether more must be set, ms. */
const LOOK_MS = 250;
/** Sound that was lost is made up for from here on, s; less may be no more than the grain in which the clock is told. */
const LOST = 0.03;

/**
 * Calls a pass: sets its cues ahead on the voice's clock, so that neither a slow nor a sleeping page makes them late. Hold takes back
 * what is not yet heard; going on sets it anew from the place that was held. A new rate likewise.
 */
export class Caller {
  private clock: CallClock;
  private set: { cue: Cue; heard: Heard; at: number }[] = [];
  private next = 0;
  private lost = 0;
  private heard = 0;
  private readonly stopTimer: () => void;

  constructor(
    private readonly voice: Voice,
    private readonly cues: readonly Cue[],
    timer: Timer,
    start: Partial<CallClock> = {},
  ) {
    this.clock = { ...START, ...start, since: null };
    this.stopTimer = timer.every(LOOK_MS, () => this.look());
  }

  /** Second of the pass now. */
  place(): number {
    return placeAt(this.clock, this.voice.now());
  }
  get rate(): number {
    return this.clock.rate;
  }
  get held(): boolean {
    return this.clock.since === null;
  }
  /** Cues that are set and when, on the voice's clock: for a look from outside. */
  get ahead(): readonly { readonly cue: Cue; readonly at: number }[] {
    return this.set;
  }

  go(): void {
    if (!this.held) return;
    this.clock = run(this.clock, this.voice.now());
    this.lost = this.voice.lost();
    this.refill(this.place());
  }
  stop(): void {
    this.clock = hold(this.clock, this.voice.now());
    this.takeBack();
  }
  pace(rate: number): void {
    this.clock = paced(this.clock, this.voice.now(), rate);
    if (!this.held) this.refill(this.place());
  }
  close(): void {
    this.stop();
    this.stopTimer();
  }

  private takeBack(): void {
    const now = this.voice.now();
    for (const s of this.set) {
      if (s.at > now) s.heard.stop();
      else this.heard = Math.max(this.heard, this.cues.indexOf(s.cue) + 1);
    }
    this.set = [];
  }

  /** Sets more; and where the voice's clock has lost time, everything that is not yet heard earlier by as much. */
  private look(): void {
    if (this.held) return;
    const more = this.voice.lost() - this.lost;
    if (Math.abs(more) > LOST) {
      const here = this.place();
      this.lost += more;
      this.clock = { ...this.clock, at: this.clock.at + more * this.clock.rate };
      this.refill(here);
    } else this.fill();
  }

  /** Sets anew what lies from a place on. */
  private refill(from: number): void {
    this.takeBack();
    const first = this.cues.findIndex((c) => c.at >= from - 1e-6);
    // What has been heard is not said twice.
    this.next = Math.max(this.heard, first < 0 ? this.cues.length : first);
    this.fill();
  }

  private fill(): void {
    if (this.held) return;
    const until = this.voice.now() + AHEAD;
    for (; this.next < this.cues.length; this.next++) {
      const cue = this.cues[this.next]!;
      const at = whenAt(this.clock, cue.at)!;
      if (at > until) break;
      // A cue that the lost time has overtaken is heard at once: none is left out.
      const due = Math.max(at, this.voice.now());
      this.set.push({ cue, at: due, heard: this.voice.play(cue.clip, due) });
    }
  }
}
