import type { FindingCode, Values } from '../documents/reading';
import type { Say } from './say';

/** A finding in words: a short head, and one or two plain sentences with the rig's own numbers. */
export interface Words {
  readonly head: string;
  readonly text: string;
}

type Teller = (v: Values, say: Say) => Words;

const num = (v: Values, key: string) => v[key] as number | null;

const TELLERS: Record<FindingCode, Teller> = {
  'supply-overload': (v, say) => ({
    head: 'Too much for this supply',
    text: `The wire would draw ${say(num(v, 'amps'), 'amps')} from a supply that gives ${say(num(v, 'maxAmps'), 'amps')}: ${say(num(v, 'load'), 'share')} of its limit. ${v['state'] === 'set' ? 'That is what its dial is set to hold.' : `The wire has ${say(num(v, 'wireOhm'), 'ohms')} ${v['state'] === 'cold' ? 'cold' : 'hot'}; ${say(num(v, 'leastOhm'), 'ohms')} is the minimum this supply allows.`} ${OVERLOADED[String(v['supply'])] ?? 'It overheats.'}`,
  }),
  'pulse-peak-overload': (v, say) => ({
    head: 'The pulses are too strong',
    text: `A pulse dimmer lowers the average, not the peak: each pulse draws ${say(num(v, 'amps'), 'amps')} from a supply of ${say(num(v, 'maxAmps'), 'amps')}. The wire must have ${say(num(v, 'leastOhm'), 'ohms')} or more.`,
  }),
  'supply-near-limit': (v, say) => ({
    head: 'Supply close to its limit',
    text: `At its worst the supply carries ${say(num(v, 'load'), 'share')} of what it can. Keep it under 80 %.`,
  }),
  'supply-limit-unknown': () => ({
    head: 'What is its max current?',
    text: 'The supply’s limit is not known, so nobody can say whether it holds. Look for the current on its label and put a fuse in the loop.',
  }),
  'supply-volts-short': (v, say) => ({
    head: 'Voltage too low',
    text:
      v['setVolts'] !== null
        ? `The dial asks for ${say(num(v, 'setVolts'), 'volts')}, the supply gives no more than ${say(num(v, 'volts'), 'volts')}.`
        : `${say(num(v, 'setAmps'), 'amps')} are set, but ${say(num(v, 'volts'), 'volts')} push only ${say(num(v, 'amps'), 'amps')} through this wire.`,
  }),
  'touch-voltage': (v, say) => ({
    head: 'Voltage that can kill on a bare wire',
    text: `${say(num(v, 'volts'), 'volts')} ${v['current'] === 'ac' ? 'ac' : 'dc'} can stand on the bare wire; ${say(num(v, 'limitVolts'), 'volts')} is the maximum that may. Use a supply of isolated extra-low voltage.`,
  }),
  'mains-direct': (v, say) => ({
    head: 'Mains on the wire: never',
    text: `${say(num(v, 'volts'), 'volts')} from the mains without isolation kills, through a dimmer or a variac as well. Mains-side work follows local code and belongs to a licensed electrician.`,
  }),
  'not-isolated': (v) => ({
    head: v['isolated'] === 'false' ? 'Supply not isolated' : 'Is the supply isolated?',
    text:
      v['isolated'] === 'false'
        ? 'The output is tied to the mains: touching the wire can kill. A variac does not isolate. Use an isolating transformer or supply.'
        : 'Nobody knows whether the output is isolated from the mains. Have a competent person test it before the wire is touched.',
  }),
  'foam-refused': (v) => ({ head: 'Do not cut this foam hot', text: String(v['reason']) }),
  'foam-caution': (v) => ({ head: 'Take care with this foam', text: String(v['reason']) }),
  'wire-melts': (v, say) => ({
    head: 'The wire melts',
    text: `It would reach ${say(num(v, 'wireC'), 'temperature')} and melts at ${say(num(v, 'meltC'), 'temperature')}.`,
  }),
  'wire-too-hot': (v, say) => ({
    head: 'Over this wire’s temperature limit',
    text: `${say(num(v, 'wireC'), 'temperature')} in air; ${String(v['alloy'])} keeps to ${say(num(v, 'limitC'), 'temperature')}.`,
  }),
  'foam-wider-than-wire': (v, say) => ({
    head: 'Foam wider than the wire',
    text: `The foam is ${say(num(v, 'widthMm'), 'foamSize')} wide, the wire ${say(num(v, 'lengthMm'), 'wireLength')} long.`,
  }),
  'wire-short': (v, say) => ({
    head: 'Unheated ends reach into the foam',
    text: `For ${say(num(v, 'widthMm'), 'foamSize')} of foam the wire wants ${say(num(v, 'wantedMm'), 'wireLength')}, room for its unheated ends with it. It has ${say(num(v, 'lengthMm'), 'wireLength')}.`,
  }),
  'wire-too-cold': (v, say) => ({
    head: 'Too cold to cut',
    text: `The wire reaches ${say(num(v, 'wireC'), 'temperature')}; the foam flows at ${say(num(v, 'flowC'), 'temperature')}.${(num(v, 'draughtMS') ?? 0) > 0.1 ? ' The draught cools it; the kerf shelters it a little.' : ''}`,
  }),
  'feed-too-fast': (v, say) => ({
    head: 'Faster than the wire melts',
    text: `${say(num(v, 'feedMmS'), 'feed')} is over the max feed of ${say(num(v, 'fastestFeedMmS'), 'feed')}: the wire bows, drags and tears.`,
  }),
  'feed-near-limit': (v, say) => ({
    head: 'On the edge of dragging',
    text: `${say(num(v, 'feedMmS'), 'feed')} uses ${say(num(v, 'reserve'), 'share')} of the max feed of ${say(num(v, 'fastestFeedMmS'), 'feed')}.`,
  }),
  'melt-back': (v, say) => ({
    head: 'Too slow for this heat',
    text: `Under ${say(num(v, 'slowestFeedMmS'), 'feed')} the wire melts back over a millimetre a side: a ragged, grooved kerf of ${say(num(v, 'kerfMm'), 'slot')}.`,
  }),
  'fume-limit': (v, say) => ({
    head: 'Hot enough to smoke',
    text: `At ${say(num(v, 'feedMmS'), 'feed')} the wire in the foam stands at ${say(num(v, 'foamC'), 'temperature')}, over the ${say(num(v, 'fumeC'), 'temperature')} at which this foam gives off harmful fume. ${(num(v, 'foamC') ?? 0) > (num(v, 'fumeC') ?? 0) + FAR_OVER_K ? 'Do not cut like this.' : 'It cuts, but smokes: in the open air only.'} Faster than ${say(num(v, 'slowestFeedMmS'), 'feed')}, or cooler.`,
  }),
  'heat-too-high': (v, say) => ({
    head: 'Too hot to cut clean',
    text: `Clean cuts lie only between ${say(num(v, 'slowestFeedMmS'), 'feed')} and ${say(num(v, 'fastestFeedMmS'), 'feed')}: too narrow a band ${v['led'] === 'hands' || v['led'] === 'push' ? 'for a hand' : v['led'] === 'motors' ? 'for a machine that speeds up and slows down' : 'for a pull to keep to'}. Turn the heat down.`,
  }),
  'heat-marginal': (v, say) => ({
    head: 'Heat on a knife’s edge',
    text: `A setting 5 % lower leaves ${num(v, 'slippedFeedMmS') ? `a max feed of ${say(num(v, 'slippedFeedMmS'), 'feed')} instead of ${say(num(v, 'maxFeedMmS'), 'feed')}` : 'no cut at all'}, the wire at ${say(num(v, 'wireC'), 'temperature')} in air; the foam flows at ${say(num(v, 'flowC'), 'temperature')}. A dial, a draught or a tired supply moves by as much.`,
  }),
  'cannot-start': (v, say) => ({
    head: 'Too cold to start a cut',
    text: `In this room’s air the wire stands at ${say(num(v, 'wireC'), 'temperature')}; the foam flows at ${say(num(v, 'flowC'), 'temperature')}. Once in its kerf the wire would be sheltered and cut, but it does not get in.${(num(v, 'draughtMS') ?? 0) > 0.1 ? ' Shut the draught out, or give it more heat.' : ''}`,
  }),
  glows: (v, say) => ({
    head: 'The wire glows',
    text: `${say(num(v, 'wireC'), 'temperature')} in air is red heat (it shows from ${say(num(v, 'redC'), 'temperature')} in the dark). No foam asks for it: it smokes, sags and sets light to dust.`,
  }),
  'wide-slot': (v, say) => ({
    head: 'A wide kerf',
    text: `The kerf is ${say(num(v, 'kerfMm'), 'slot')}, over a millimetre wider than the wire. Cooler or faster leaves a truer edge.`,
  }),
  'smokes-at-entry': (v, say) => ({
    head: 'Smokes as it goes in',
    text: `The idling wire stands at ${say(num(v, 'wireC'), 'temperature')}, over the foam’s ${say(num(v, 'fumeC'), 'temperature')}: it smokes at entry, then cuts clean. Open air.`,
  }),
  'lead-overheats': (v, say) => ({
    head: 'The leads get hot',
    text: `${say(num(v, 'amps'), 'amps')} run through leads of ${say(num(v, 'areaMm2'), 'area')}, which carry ${say(num(v, 'leadAmps'), 'amps')}.`,
  }),
  'metal-frame-live': () => ({
    head: 'The frame is live',
    text: 'The wire stands on bare metal: the frame carries the current past it. Insulate both anchors, and check with a meter that frame and wire are apart before power.',
  }),
  'frame-too-shallow': (v, say) => ({
    head: 'The frame is not deep enough',
    text: `${say(num(v, 'heightMm'), 'foamSize')} of foam and ${say(40, 'foamSize')} of packing do not go into a throat of ${say(num(v, 'throatMm'), 'wireLength')}.`,
  }),
  'control-overload': (v, say) => ({
    head: 'The dimmer is too small',
    text: `It carries ${num(v, 'watts') ? say(num(v, 'watts'), 'watts') : say(num(v, 'amps'), 'amps')} and is rated ${num(v, 'ratedWatts') ? say(num(v, 'ratedWatts'), 'watts') : say(num(v, 'ratedAmps'), 'amps')}: ${say(num(v, 'load'), 'share')} of its rating. Take a bigger one; give it air in any case.`,
  }),
  'control-limit-unknown': () => ({
    head: 'What is the dimmer rated for?',
    text: 'The rating of the control itself is not known. Look on it; cheap ones carry half of what they say.',
  }),
  'lead-loss-high': (v, say) => ({
    head: 'The leads take too much',
    text: `${say(num(v, 'volts'), 'volts')} are lost in the leads, ${say(num(v, 'share'), 'share')} of the wire’s volts; 5 % is the maximum worth losing.`,
  }),
  'contact-loss-high': (v, say) => ({
    head: 'The contacts take too much',
    text: `${say(num(v, 'volts'), 'volts')} are lost in contacts and what stands in series, ${say(num(v, 'share'), 'share')} of the wire’s volts. Clean and clamp them.`,
  }),
  'no-fuse': () => ({
    head: 'No fuse in the loop',
    text: 'This supply can push more than the leads carry: a short would burn them. At a battery the fuse sits at its terminal, a blade fuse.',
  }),
  'no-switch': (v) => ({
    head: 'No switch in the loop',
    text:
      v['led'] === 'motors'
        ? 'Pulling a plug is too slow when something catches. One switch within reach takes the power off the wire and stops the motors.'
        : v['led'] === 'hands' || v['led'] === 'push'
          ? 'Pulling a plug takes a hand off the work. A foot or hold-to-run switch leaves both where they belong.'
          : 'Pulling a plug is too slow when something catches. A foot or hold-to-run switch takes the power off at once.',
  }),
  'spring-in-circuit': (v, say) => ({
    head: 'The spring carries the current',
    text: `Current heats a spring${num(v, 'fromC') === null ? '' : `, this one to ${say(num(v, 'fromC'), 'temperature')}–${say(num(v, 'toC'), 'temperature')}`}, and it loses its set: carbon steel from about ${say(150, 'temperature')}, stainless from ${say(250, 'temperature')}. Take the current past it with a jumper.`,
  }),
  'hold-ohm-flat': (v, say) => ({
    head: 'Nothing for the controller to hold by',
    text: `The resistance of ${String(v['alloy'])} rises only ${say(num(v, 'rise'), 'share')} over 100 K on its way: less than the leads and contacts wander. Holding ohms will not hold its heat; hold volts or amps, or hang stainless.`,
  }),
  'battery-short': (v, say) => ({
    head: 'The battery is soon flat',
    text: `It lasts about ${say(num(v, 'minutes'), 'count')} minutes at this setting.`,
  }),
  'battery-weak': (v, say) => ({
    head: 'The battery sags',
    text: `The wire has ${say(num(v, 'wireOhm'), 'ohms')}, the battery ${say(num(v, 'insideOhm'), 'ohms')} inside: keep the wire at three times that or more.`,
  }),
  'charge-fade': (v, say) => ({
    head: 'It fades as it empties',
    text: `Max feed full ${say(num(v, 'fullFeedMmS'), 'feed')}, at the stop ${say(num(v, 'stopFeedMmS'), 'feed')}.`,
  }),
  'pulse-too-slow': (v, say) => ({
    head: 'Pulses too slow',
    text: `At ${say(num(v, 'hertz'), 'count')} pulses a second the wire flickers between them; it wants ${say(num(v, 'leastHertz'), 'count')} or more.`,
  }),
  'dial-too-coarse': (v, say) => ({
    head: 'The dial is too coarse',
    text: `One step moves the max feed by ${say(num(v, 'share'), 'share')}.`,
  }),
  'wire-overstressed': (v, say) => ({
    head: 'The wire will snap',
    text: `It carries ${say(num(v, 'use'), 'share')} of what breaks it${num(v, 'wireC') === null ? '' : ` at ${say(num(v, 'wireC'), 'temperature')}`}. A wire that breaks under this tension whips: less tension, or a stronger wire.`,
  }),
  'wire-stress-high': (v, say) => ({
    head: 'Stressed hard',
    text: `The wire carries ${say(num(v, 'use'), 'share')} of what breaks it; keep it under half. A nick or a hot spot takes the rest.${v['assumed'] ? ' Nobody said how tight it is: this rests on the tension assumed. Enter the tension first.' : ''}`,
  }),
  'takes-a-set': (v, say) => ({
    head: 'The wire takes a set',
    text: `${say(num(v, 'yieldUse'), 'share')} of yield: it grows a little for good at each heat. Set the tension again after the first heats.`,
  }),
  'wire-goes-slack': (v, say) => ({
    head: 'Slack when hot',
    text: `The wire grows ${say(num(v, 'growthMm'), 'depth')} and nothing takes that up: its middle hangs ${say(num(v, 'slackMm'), 'depth')}.`,
  }),
  'spring-past-safe-load': (v, say) => ({
    head: 'Over the spring’s max load',
    text: `${say(num(v, 'pullN'), 'force')} on a spring of max load ${say(num(v, 'safeN'), 'force')}: it stays stretched. A stronger spring, two side by side, or less tension.`,
  }),
  'take-up-short': (v, say) => ({
    head: 'Not enough take-up',
    text: `The wire grows ${say(num(v, 'growthMm'), 'depth')}, the take-up has ${say(num(v, 'travelMm'), 'depth')} left. Three times the growth is the margin that practice keeps: a longer spring, or anchor it further out.`,
  }),
  'lag-high': (v, say) => ({
    head: 'The middle lags too far',
    text: num(v, 'snags')
      ? 'The wire lag is more than a quarter of the foam’s width: the wire is dragged through solid foam and snags. Slower, tighter, or hotter for the same feed.'
      : `The wire lag is ${say(num(v, 'lagMm'), 'slot')}; ${say(num(v, 'limitMm'), 'slot')} is the limit set for this cut. Slower, tighter, or hotter for the same feed.${v['assumed'] ? ' This rests on an assumed tension: enter the tension first.' : ''}`,
  }),
  'bar-near-buckling': (v, say) => ({
    head: 'The bar may buckle',
    text: `${say(num(v, 'barN'), 'force')} press a bar that buckles at ${say(num(v, 'bucklesN'), 'force')}: over half of it. A stiffer or shorter bar, or less tension.`,
  }),
  'outside-model': (v, say) =>
    v['part'] === 'temperature'
      ? {
          head: 'Hotter than the strength table',
          text: `${say(num(v, 'wireC'), 'temperature')} lies past ${say(num(v, 'lastC'), 'temperature')}, the last strength known of this alloy; that one is used, and the wire is weaker.`,
        }
      : {
          head: 'Density outside the table',
          text: `${say(num(v, 'densityKgM3'), 'density')} lies outside ${say(num(v, 'lowKgM3'), 'density')} to ${say(num(v, 'highKgM3'), 'density')}; the strength of the nearest end of the table is used.`,
        },
};

/** So far over a foam's fume limit, K, nothing excuses a cut. Ours. */
const FAR_OVER_K = 60;

/* prettier-ignore */
const OVERLOADED: Record<string, string> = {
  bench: 'It holds at its limit, and the wire stays cooler than set.',
  brick: 'It shuts off or hiccups: the wire never gets hot.',
  'computer-supply': 'It shuts off: the wire never gets hot.',
  charger: 'It shuts off: the wire never gets hot.',
  battery: 'A battery heats and is ruined.',
  transformer: 'It goes on and overheats.',
};

/** The words of a finding in somebody's units. */
export function findingWords(code: FindingCode, values: Values, say: Say): Words {
  const words = TELLERS[code](values, say);
  const reason = values['accepted'];
  return typeof reason === 'string'
    ? { ...words, text: `${words.text} Accepted by its owner: “${reason}”.` }
    : words;
}

/** The head of a finding apart from its numbers, to stand in a sentence. */
export function findingHead(code: FindingCode): string {
  const { head } = TELLERS[code]({}, () => '');
  return head.charAt(0).toLowerCase() + head.slice(1);
}
