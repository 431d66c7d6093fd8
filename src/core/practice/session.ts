import { TRACE_S, type LedDrill, type LedTrace, type PracticeScore } from '../documents/practice';
import type { Rig } from '../documents/rig';
import { matching, type Course } from './course';
import { asKept, finished, traceOf } from './play';
import { PracticeRun, STEP_S } from './run';
import { type Aim, type Moment } from './moment';
import { scoreOf } from './score';
import { Tally } from './tally';
import type { PracticeWire } from './wire';

/** So near the end of its track a wire has run out, mm. */
const OUT = 0.5;
/** More than this is a page that slept, not a hand: it is not made up for, s. */
const MOST_AT_ONCE = 0.25;

/** A run that is being led: the page says where the hands aim, the steps between are made up evenly. */
export class LeadSession {
  readonly run: PracticeRun;
  private readonly tally: Tally;
  private readonly aims: Aim[] = [];
  private aim: Aim = { near: 0, far: 0 };
  private owed = 0;
  /** As it stood after the last step. */
  now: Moment;

  constructor(
    readonly wire: PracticeWire,
    readonly course: Course,
    private readonly of: { readonly rig: Rig; readonly drill: LedDrill; readonly warm: boolean },
  ) {
    this.run = new PracticeRun(wire, course, { warm: of.warm });
    this.tally = new Tally(this.run);
    this.now = this.run.moment();
  }

  /** Where the hands last aimed. */
  get aimed(): Aim {
    return this.aim;
  }

  /** Goes on by some seconds, the hands moving evenly to a new aim. */
  advance(seconds: number, to: Aim): void {
    this.owed += Math.min(MOST_AT_ONCE, seconds);
    const steps = Math.floor(this.owed / STEP_S + 1e-9);
    this.owed -= steps * STEP_S;
    const from = this.aim;
    for (let i = 1; i <= steps; i++) {
      const t = i / steps;
      const near = from.near + t * (to.near - from.near);
      const far = this.course.together ? near : from.far + t * (to.far - from.far);
      this.step({ near, far });
    }
  }

  /** One step with the hands at an aim. */
  step(aim: Aim): void {
    this.aim = aim;
    const kept = asKept(aim);
    this.aims.push(kept);
    this.run.step(kept);
    this.now = this.run.moment();
    this.tally.take(this.now);
  }

  /** Both ends have run out, or it has gone on too long to be kept. */
  get over(): boolean {
    const out = this.now.near.arc > this.run.near.length - OUT && this.now.far.arc > this.run.far.length - OUT;
    return out || this.aims.length >= TRACE_S / STEP_S;
  }

  /** Whether anything was cut. */
  get begun(): boolean {
    return this.now.near.arc > 0.5 || this.now.far.arc > 0.5;
  }

  end(): { readonly trace: LedTrace; readonly score: PracticeScore } {
    const score = finished(this.of.drill, scoreOf(this.wire, this.course, this.tally.result()));
    return { score, trace: traceOf({ ...this.of, course: this.course }, this.aims) };
  }
}

/** Where hands that lead by keys aim after some seconds: each end at its own feed, standing before the next corner until they go on. */
export class KeyHand {
  leading = false;
  near: number;
  far: number;
  /** The corner before which it stands; gone past once it goes on. */
  private passed = -1;

  constructor(
    private readonly course: Course,
    /** Feeds of both ends, mm/s. */
    feeds: Aim,
  ) {
    this.near = feeds.near;
    this.far = feeds.far;
  }

  /** Leads, or stands; from a corner it goes on. */
  press(at: Aim): void {
    this.leading = !this.leading;
    if (this.leading) this.passed = at.near;
  }

  aim(from: Aim, seconds: number): Aim {
    if (!this.leading) return from;
    const corner = this.course.marks.find(
      (m) => m.kind === 'corner' && m.near > this.passed + 1e-6 && m.near >= from.near - 1e-6,
    );
    const to = from.near + this.near * seconds;
    const near = corner ? Math.min(to, corner.near) : to;
    if (corner && near === corner.near) this.leading = false;
    return { near, far: this.course.together ? matching(this.course, near) : from.far + this.far * seconds };
  }
}
