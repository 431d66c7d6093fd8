import type { Cue } from '@/core/engine/call/cues';
import { hold, paced, placeAt, run, START, whenAt, type CallClock } from '@/core/engine/call/clock';
import type { Heard, Timer, Voice } from './port';

/** How far ahead cues are set on the voice's own clock, s. A hidden page may wake once a minute: then 90 s are still set. */
export const AHEAD = 160;
/** How often it looks whether more must be set, ms. */
const LOOK_MS = 10_000;

/**
 * Calls a pass: sets its cues ahead on the voice's clock, so that neither a slow nor a sleeping page makes them late. Hold takes back
 * what is not yet heard; going on sets it anew from the place that was held. A new rate likewise.
 */
export class Caller {
  private clock: CallClock;
  private set: { cue: Cue; heard: Heard; at: number }[] = [];
  private next = 0;
  private readonly stopTimer: () => void;

  constructor(
    private readonly voice: Voice,
    private readonly cues: readonly Cue[],
    timer: Timer,
    start: Partial<CallClock> = {},
  ) {
    this.clock = { ...START, ...start, since: null };
    this.stopTimer = timer.every(LOOK_MS, () => this.fill());
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
    this.refill();
  }
  stop(): void {
    this.clock = hold(this.clock, this.voice.now());
    this.takeBack();
  }
  pace(rate: number): void {
    this.clock = paced(this.clock, this.voice.now(), rate);
    if (!this.held) this.refill();
  }
  close(): void {
    this.stop();
    this.stopTimer();
  }

  private takeBack(): void {
    const now = this.voice.now();
    for (const s of this.set) if (s.at > now) s.heard.stop();
    this.set = [];
  }

  private refill(): void {
    this.takeBack();
    const here = this.place();
    const first = this.cues.findIndex((c) => c.at >= here - 1e-6);
    this.next = first < 0 ? this.cues.length : first;
    this.fill();
  }

  private fill(): void {
    if (this.held) return;
    const until = this.voice.now() + AHEAD;
    for (; this.next < this.cues.length; this.next++) {
      const cue = this.cues[this.next]!;
      const at = whenAt(this.clock, cue.at)!;
      if (at > until) break;
      this.set.push({ cue, at, heard: this.voice.play(cue.clip, at) });
    }
  }
}
