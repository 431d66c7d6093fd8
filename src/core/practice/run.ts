import { TRACE_HZ } from '../documents/practice';
import { rootIncreasing } from '../numeric/root';
import { apart, between, type Pt } from '../numeric/polyline';
import { dragPerMetre } from '../physics/foam/drag';
import { feedForSlot } from '../physics/foam/melt';
import { kerfInTime, standingGrowth } from '../physics/foam/standing';
import { inside, placeAt, trackOf, type Course, type Track } from './course';
import { follow, type Led } from './hand';
import { ampsThrough, intoFoam, kerfSettler, STANDING, warmed, type Lump } from './heat';
import type { PracticeWire } from './wire';
import type { Spot, Moment, Aim } from './moment';

/** Seconds of a step. */
export const STEP_S = 1 / TRACE_HZ;
/** Share of the foam's width that each spot stands for: Simpson's weights would give the middle two thirds; the trapezium is kept. */
const SHARE = { near: 0.25, middle: 0.5, far: 0.25 } as const;
const NAMES = ['near', 'middle', 'far'] as const;
/** A snag lets go where the lag has come down to this share of its limit. */
const LETS_GO = 0.8;
/** Kerfs between which the middle's is searched: a share of the wire's diameter, and m. */
const THINNEST = 1e-3;
const WIDEST = 0.2;
/** No wire is torn through the foam faster, mm/s. */
const TORN = 400;

interface Kept {
  at: Pt;
  wireC: number;
  /** m; null outside the foam. */
  kerf: number | null;
  feed: number;
  ratio: number;
  readonly settles: (wireC: number, feed: number) => number;
}

/**
 * A wire led along a course in steps of 5 ms: its heat by the lumped balance, with the share that is in the foam; the kerf by each
 * place's own feed, standing grows it; the middle behind its ends; a snag past the limit. The same aims give the same run.
 * Left out: heat along the wire between foam and air, a supply that sags in the run, the bow's own bending.
 */
export class PracticeRun {
  readonly near: Track;
  readonly far: Track;
  private readonly kept: Record<(typeof NAMES)[number], Kept>;
  private led: { near: Led; far: Led } = { near: { arc: 0, feed: 0 }, far: { arc: 0, feed: 0 } };
  private most = { near: 0, far: 0 };
  private airC: number;
  private t = 0;
  private snagged = false;
  private amps = 0;
  private pull = 0;
  private lag = 0;
  private between: Pt;
  private lnKerf = Math.log(1e-3);

  constructor(
    readonly wire: PracticeWire,
    readonly course: Course,
    { warm = true, dt = STEP_S }: { warm?: boolean; dt?: number } = {},
  ) {
    this.dt = dt;
    this.near = trackOf(course.near, course.faces.near);
    this.far = trackOf(course.far, course.faces.far);
    this.airC = warm ? wire.e.idle.airC : wire.e.s.room.airC;
    const [a, b] = [placeAt(this.near, 0), placeAt(this.far, 0)];
    this.between = between(a, b, 0.5);
    const kept = (at: Pt): Kept => ({
      at,
      wireC: this.airC,
      kerf: null,
      feed: 0,
      ratio: 0,
      settles: kerfSettler(wire.e.s),
    });
    this.kept = { near: kept(a), middle: kept(this.between), far: kept(b) };
  }
  readonly dt: number;

  /** One step with the hands aiming at arcs of their tracks. */
  step(aim: Aim): void {
    this.t += this.dt;
    this.lead('near', aim.near);
    this.lead('far', this.course.together ? this.led.near.arc : aim.far);
    this.trail();
    this.heat();
  }

  private lead(end: 'near' | 'far', aim: number): void {
    const track = this[end];
    const was = this.led[end];
    let next =
      end === 'far' && this.course.together
        ? { arc: aim, feed: this.led.near.feed }
        : follow(was, Math.min(track.length, Math.max(0, aim)), this.dt);
    // What is snagged does not go on.
    if (this.snagged && next.arc > was.arc) next = { arc: was.arc, feed: 0 };
    this.led[end] = next;
    const fresh = next.arc > this.most[end];
    this.most[end] = Math.max(this.most[end], next.arc);
    const spot = this.kept[end];
    spot.at = placeAt(track, next.arc);
    // Back in its own open kerf a wire meets no foam.
    spot.feed = fresh ? Math.max(0, next.feed) / 1000 : 0;
  }

  /** The middle moves towards the line between the ends, at the pace whose drag its lag balances; implicitly, so that a settled lag is exact. */
  private trail(): void {
    const { near, far, middle } = this.kept;
    const was = this.between;
    const to = between(near.at, far.at, 0.5);
    this.between = to;
    if (!this.inFoam('middle', middle.at)) {
      middle.feed = apart(was, to) / 1000 / this.dt;
      middle.at = to;
      this.lag = 0;
      return;
    }
    const from = middle.at;
    this.pull = this.wire.pull(this.airC, this.meanC());
    const stiff = this.wire.stiffness(this.pull);
    const gap = apart(from, to) / 1000;
    const go = gap > 0 ? Math.min(1, (this.paceOf(middle.wireC, gap, stiff) * this.dt) / gap) : 0;
    middle.at = between(from, to, go);
    this.lag = gap * (1 - go);
    middle.feed = apart(from, middle.at) / 1000 / this.dt;
    const load = Math.max(
      this.lag / this.wire.mostLag,
      this.wire.stress(this.pull, this.lag) / this.wire.allowed(middle.wireC),
    );
    this.snagged = load > (this.snagged ? LETS_GO : 1);
  }

  /**
   * Pace in m/s at which the middle is drawn over a gap (m) in a step: lag and way add up to the gap, the lag bears the drag of the kerf
   * that this pace and heat melt. One root in the kerf, since from it follow heat, pace and drag at once.
   */
  private paceOf(wireC: number, gap: number, stiff: number): number {
    const { s } = this.wire.e;
    const top = Math.min(TORN / 1000, gap / this.dt);
    const lagBy = (ratio: number) => dragPerMetre(this.wire.stress10, s.diameter, ratio) / stiff;
    const paceBy = (kerf: number) => Math.min(top, feedForSlot(s.melt!, intoFoam(s, { wireC, kerf }), kerf));
    if (!(top > 0)) return 0;
    // Too cold to melt: it stands until it is torn.
    if (!(wireC > s.melt!.flowC)) return gap > lagBy(Infinity) ? top : 0;
    const left = (x: number) => {
      const kerf = Math.exp(x);
      return gap - lagBy(this.wire.ratioOf(kerf)) - paceBy(kerf) * this.dt;
    };
    const x = rootIncreasing(left, Math.log(THINNEST * s.diameter), Math.log(WIDEST), this.lnKerf, 1e-9).x;
    this.lnKerf = x;
    return paceBy(Math.exp(x));
  }

  private inFoam(name: (typeof NAMES)[number], at: Pt): boolean {
    const { near, far } = this.course.faces;
    if (name !== 'middle') return inside(this.course.faces[name], at[0], at[1]);
    return inside(
      {
        x0: (near.x0 + far.x0) / 2,
        x1: (near.x1 + far.x1) / 2,
        y0: (near.y0 + far.y0) / 2,
        y1: (near.y1 + far.y1) / 2,
      },
      at[0],
      at[1],
    );
  }

  private heat(): void {
    this.warm(this.dt);
    for (const name of NAMES) this.melt(name);
  }

  private warm(dt: number): void {
    const { s } = this.wire.e;
    const outer: Lump = { wireC: this.airC, share: 1 - s.width / s.length, kerf: null };
    const lumps = NAMES.map((n): Lump => ({
      wireC: this.kept[n].wireC,
      share: (SHARE[n] * s.width) / s.length,
      kerf: this.kept[n].kerf,
    }));
    this.amps = ampsThrough(s, [outer, ...lumps]);
    this.airC = warmed(s, outer, this.amps, dt);
    NAMES.forEach((n, i) => (this.kept[n].wireC = warmed(s, lumps[i]!, this.amps, dt)));
  }

  private melt(name: (typeof NAMES)[number]): void {
    const { s } = this.wire.e;
    const spot = this.kept[name];
    if (!this.inFoam(name, spot.at)) {
      spot.kerf = null;
      spot.ratio = 0;
      return;
    }
    const settled = spot.settles(spot.wireC, spot.feed);
    spot.ratio = spot.feed > STANDING ? this.wire.ratioOf(settled) : 0;
    // It comes in with the kerf that its heat and feed melt: the entry itself is cut from outside.
    if (spot.kerf === null) {
      spot.kerf = spot.feed > STANDING ? settled : s.diameter;
      return;
    }
    const growth = settled >= spot.kerf ? standingGrowth(s.melt!, intoFoam(s, spot)) : 0;
    spot.kerf = kerfInTime(spot.kerf, settled, growth, spot.feed, this.dt);
  }

  private meanC(): number {
    return NAMES.reduce((sum, n) => sum + SHARE[n] * this.kept[n].wireC, 0);
  }

  /** How it stands now. */
  moment(): Moment {
    const spot = (n: (typeof NAMES)[number]): Spot => {
      const { at, wireC, kerf, feed, ratio } = this.kept[n];
      return { at, wireC, kerf: (kerf ?? 0) * 1000, feed: feed * 1000, ratio, inFoam: kerf !== null };
    };
    const { t, amps, airC, pull, snagged } = this;
    return {
      t,
      near: this.led.near,
      far: this.led.far,
      spots: { near: spot('near'), middle: spot('middle'), far: spot('far') },
      amps,
      airC,
      pull,
      lag: this.lag * 1000,
      snagged,
    };
  }
}
