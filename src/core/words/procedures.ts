import { timesOf } from '../engine/times';
import { springLengthAt, type SpringFound } from '../engine/springTest';
import { takeUpAt } from '../engine/takeUp';
import { gramsOf, noteOfTension, noteOfYield } from '../engine/tensionRead';
import type { Say } from './say';
import type { Evaluation } from '../engine/evaluation';
import type { Way } from './ways';
import type { Step } from './endChecks';

/** What is known of the spring on the bench: its free length in m and what was found of it; null where nothing was measured. */
export interface OnBench {
  readonly free: number;
  readonly spring: SpringFound;
}

const mm = (m: number) => m * 1000;

/** A setting procedure with a rig's own numbers, in somebody's units. */
export function procedure(way: Way, e: Evaluation, bench: OnBench | null, say: Say): Step[] {
  return TELLERS[way](e, bench, say);
}

type Teller = (e: Evaluation, bench: OnBench | null, say: Say) => Step[];

const hotPull = (e: Evaluation) => e.tension.hotN ?? e.tension.coldN;
const mass = (newtons: number, say: Say) => say(gramsOf(newtons), 'mass');

const SAFE: Step = {
  act: 'Glasses on, nobody in line with the wire. Power off and unplugged; a tether from the take-up to the frame, so that nothing flies when the wire breaks.',
};
const heat = (e: Evaluation, say: Say): Step => ({
  act: `Glasses and tether stay; then power: lowest setting first, up to the working one. Wait ${e.off ? 'until it is warm' : say(Math.max(10, Math.ceil(warmSeconds(e))), 'time')}.`,
});
const warmSeconds = (e: Evaluation) => timesOf(e)?.warmUp ?? 0;

const TELLERS: Record<Way, Teller> = {
  stretch: (e, bench, say) => {
    const t = e.tension;
    const what = e.s.rig.tension.kind === 'rubber' ? 'rubber' : 'spring';
    const test = Math.min(t.coldN, hotPull(e));
    const learn: Step[] = [
      SAFE,
      {
        act: `Measure the ${what} free, between the same two points you will measure later, and type it below.`,
        ...(bench ? { reads: say(mm(bench.free), 'depth') } : {}),
      },
      {
        act: `Hang something of about ${mass(0.6 * test, say)} on it, weighed, and measure again; then about ${mass(test, say)}. Type both below: they give its rate.`,
        ...(bench
          ? {
              reads: `${say(bench.spring.rate / 1000, 'stiffness')}, preload ${say(bench.spring.initial, 'force')}`,
            }
          : {}),
        ifNot: 'If it does not come back to its free length, it is overstretched: take another.',
      },
    ];
    const longer = (pull: number) => {
      if (bench) return `${say(mm(springLengthAt(bench.spring, bench.free, pull)), 'depth')} long`;
      if (e.tension.takeUp.rateFrom === 'assumed') return 'known once it is weighed';
      return `${say(mm(takeUpAt(e.tension.takeUp.holder, pull)), 'depth')} longer than free`;
    };
    const cold = longer(t.coldN);
    const hot = longer(hotPull(e));
    return [
      ...learn,
      {
        act: `Hang the wire and tighten it cold until the ${what} has this length.`,
        reads: `${cold}, for ${say(t.coldN, 'force')}`,
        ifNot: 'If the wire creeps on while you wait, it is yielding: slacken at once and look at its gauge.',
      },
      heat(e, say),
      {
        act: `Measure the ${what} hot, by eye along a steel rule, hands off the wire.`,
        reads: `${hot}, for ${say(hotPull(e), 'force')}`,
        ifNot:
          'Longer: the wire is cooler than thought. Shorter: it is hotter, or an anchor has slipped. Power off, then turn the screw.',
      },
      {
        act: 'Power off. Measure once more cold, and log what you read.',
        reads: cold,
        ifNot: 'Shorter than at first: the wire took a set, or a knot slipped. Set it again.',
      },
      ...(what === 'rubber'
        ? [
            {
              act: 'Rubber loses 10 to 20 % of its tension in the first hour. Come back after an hour, set it again, and log that.',
              reads: `between ${say(0.8 * t.coldN, 'force')} and ${say(0.9 * t.coldN, 'force')} if it was not touched`,
              ifNot: 'Less: the rubber is old or cracked. Take new rubber.',
            },
          ]
        : []),
    ];
  },
  weight: (e, _, say) => {
    const { setN, guide } = e.tension.takeUp;
    const steps: Step[] = [
      SAFE,
      {
        act: `Weigh ${mass(setN, say)} on kitchen scales and hang it by a cord from the wire’s end.`,
        reads: mass(setN, say),
        ifNot: 'More than a tenth off: the tension is out by as much.',
      },
      { act: 'Box the weight in or hang it low: it falls when the wire breaks. No foot beneath it.' },
    ];
    if (guide.friction * guide.wrap > 0)
      steps.push({
        act: 'Lift the weight a little and let it down gently; pluck. Pull it down a little and let it up; pluck again.',
        reads: `${say(noteOfTension(e, e.tension.hotN ?? setN), 'pitch')} and ${say(noteOfTension(e, e.tension.coldN), 'pitch')}`,
        ifNot: 'Further apart: the guide drags more than thought. A smooth round rod or a small ball bearing.',
      });
    steps.push(heat(e, say), {
      act: 'Watch the weight sink while the wire warms.',
      reads: e.tension.growth === null ? 'not known' : say(mm(e.tension.growth), 'depth'),
      ifNot: 'Not at all: the cord or the guide sticks, and the hot wire is slack.',
    });
    return steps;
  },
  squeeze: (e, _, say) => {
    const { holder, setN } = e.tension.takeUp;
    const kf = (e.s.rig.tension.frameNPerMm ?? 0) * 1000;
    return [
      SAFE,
      {
        act: 'No wire on. Pull the tips of the arms together with a luggage scale until they have come 10 mm closer.',
        reads: kf > 0 ? say(kf * 0.01, 'force') : 'type the force below',
        ifNot: 'Another reading: type it below, and every number here follows it.',
      },
      {
        act: 'Squeeze the tips closer by this much and hold them so with a cord.',
        reads: kf > 0 ? say(mm(setN / holder.rest), 'depth') : 'known once the frame is',
        ifNot: 'If a joint slips or a bar bows aside, stop: the frame is too weak for this tension.',
      },
      {
        act: 'Hang the wire just taut between the tips, twist it off, then let the cord go slowly.',
        reads: `${say(e.tension.coldN, 'force')} in the wire`,
      },
      {
        act: 'Pluck it to make sure.',
        reads: say(e.tension.pluckHz, 'pitch'),
        ifNot: 'Lower: the twist slipped, or the frame has crept. Set it again.',
      },
      heat(e, say),
      { act: 'Unload the frame when you put it away: wood creeps under a standing tension.' },
    ];
  },
  pitch: (e, _, say) => [
    SAFE,
    {
      act: 'Cold and with no foam on it, pluck the wire at its middle with a fingertip; nothing else may touch it.',
      reads: `${say(e.tension.pluckHz, 'pitch')}, for ${say(e.tension.coldN, 'force')}`,
      ifNot: 'Half or twice that is most likely an octave misheard, not a quarter or four times the tension.',
    },
    {
      act: 'Tension follows the note squared: a tenth higher is a fifth more tension. Turn the screw a little, pluck, and so on.',
      ifNot: 'If the note no longer rises, stop: the wire is yielding.',
    },
    heat(e, say),
    {
      act: 'Do not pluck a hot wire by hand. Power off, let it cool, pluck once more, and log it.',
      reads: say(e.tension.pluckHz, 'pitch'),
      ifNot:
        'Lower than before the heat: the wire took a set or an end slipped. Set it again; after some heats it holds.',
    },
  ],
  note: (e, _, say) => [
    {
      act: 'This way goes to where the wire yields. Glasses, nobody in line, a tether; never on a nicked, kinked or old wire, and not on a spring near its own limit.',
    },
    SAFE,
    {
      act: 'Tighten in small turns, plucking after each. The note rises, and then no longer does.',
      reads: `it stops near ${say(noteOfYield(e), 'pitch')}`,
      ifNot: 'Far lower: another alloy, a knot that slips, or a frame that gives. Stop and look.',
    },
    {
      act: 'Turn back at once until the note has fallen to this.',
      reads: `${say(e.tension.pluckHz, 'pitch')}, for ${say(e.tension.coldN, 'force')}`,
      ifNot:
        'A wire that was held at its yield has grown thinner for good: throw it away if it necks anywhere.',
    },
    heat(e, say),
    { act: 'Cold again, pluck and log it.', reads: say(e.tension.pluckHz, 'pitch') },
  ],
};
