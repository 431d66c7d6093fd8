import { leadsCarry, runningAmps } from '../engine/load';
import { heatMade, ohmAt } from '../engine/setup';
import { leastPulses, swingOf, timeConstant } from '../engine/times';
import type { Say } from './say';
import type { WhyTopic } from './whyTopics';
import { barNumbers, WHY_TENSION } from './whyTension';
import type { Why, Teller } from './whyTeller';
import type { Evaluation } from '../engine/evaluation';
const mm = (m: number) => m * 1000;

const window = (e: Evaluation, say: Say): [string, string][] => {
  const m = e.s.melt;
  if (!m) return [];
  return [
    ['foam flows at', say(m.flowC, 'temperature')],
    ['density', say(e.s.rig.foam.densityKgM3, 'density')],
    ['tuning of the heat it takes', `× ${e.s.rig.foam.tuning.toPrecision(3)}`],
  ];
};

const TELLERS: Record<WhyTopic, Teller> = {
  amps: (e, say) => ({
    title: 'Current through the wire',
    relation: 'Amps = volts ÷ (ohms of the hot wire + leads, contacts and the supply’s inside).',
    numbers: [
      ['source', say(e.s.drive.volts, 'volts')],
      ['wire, hot in air', say(ohmAt(e.s, e.idle.airC), 'ohms')],
      ['all the rest', say(e.s.drive.restOhm, 'ohms')],
      ['current, idling', say(e.idle.amps, 'amps')],
      ['current, cutting', say(e.idle.cutAmps, 'amps')],
    ],
    source: 'Ohm’s law; resistance by the alloy’s table against temperature.',
  }),
  air: (e, say) => ({
    title: 'Temperature in air',
    relation:
      'The wire heats until it loses to the air, by moving air and by radiation, all that the current turns into heat.',
    numbers: [
      ['heat made', say(heatMade(e.s, e.idle.amps, e.idle.airC), 'heatPerLength')],
      ['wire', say(mm(e.s.diameter), 'wireDiameter')],
      ['air', say(e.s.room.airC, 'temperature')],
      ['draught', say(e.s.room.draught, 'draught')],
      ['wire in air, idling', say(e.idle.airC, 'temperature')],
      ['alloy’s limit', say(e.s.alloy.limitC, 'temperature')],
    ],
    source:
      'Morgan (1975), Nagendra and others (1970), Churchill & Bernstein (1977); radiation by Stefan and Boltzmann.',
  }),
  fastest: (e, say) => ({
    title: 'Max feed',
    relation:
      'A moving line of heat melts a kerf; at the max feed that kerf is just as wide as the wire. Kerf × feed depends on the heat alone.',
    numbers: [
      ['heat into the foam there', say(e.window.fastest?.heat, 'heatPerLength')],
      ['wire in the foam there', say(e.window.fastest?.foamC, 'temperature')],
      ...window(e, say),
      ['max feed', e.window.fastest ? say(mm(e.window.fastest.feed), 'feed') : 'none: too cold'],
    ],
    source: 'Rosenthal (1946), Carslaw & Jaeger §10.7: moving line source.',
  }),
  slowest: (e, say) => ({
    title: 'Min clean feed',
    relation:
      'The larger of two: where the wire melts back a millimetre a side, and where it gets so hot in its kerf that the foam smokes.',
    numbers: [
      ['melts back under', e.window.meltBack ? say(mm(e.window.meltBack.feed), 'feed') : 'none: too cold'],
      [
        'smokes under',
        e.window.fume ? say(mm(e.window.fume.feed), 'feed') : 'never: still air keeps it cooler',
      ],
      ['fume limit of the foam', say(e.s.melt?.fumeC, 'temperature')],
      ...window(e, say),
    ],
    source: 'The same moving source; a millimetre a side is ours.',
  }),
  kerf: (e, say) => ({
    title: 'Kerf',
    relation:
      'Kerf = 4 × diffusivity × Y ÷ feed, where Y follows from the heat that reaches the foam. Twice the feed halves the kerf.',
    numbers: [
      ['heat into the foam', say(e.cut?.heat, 'heatPerLength')],
      ['feed', e.feed === null ? 'none' : say(mm(e.feed), 'feed')],
      ['wire', say(mm(e.s.diameter), 'wireDiameter')],
      ...window(e, say),
      ['slot', e.cut ? say(mm(e.cut.width), 'slot') : 'none'],
    ],
    source: 'Rosenthal (1946), Carslaw & Jaeger §10.7.',
  }),
  load: (e, say) => ({
    title: 'Load on the supply',
    relation:
      'Worst current ÷ the max the supply gives. The worst is the largest of cold, idling and cutting; with pulses, every pulse at full volts. Min wire resistance = voltage ÷ max current.',
    numbers: [
      ['worst current', say(e.load.worstAmps, 'amps')],
      ['supply gives', e.s.drive.maxAmps === null ? 'not known' : say(e.s.drive.maxAmps, 'amps')],
      ['min wire resistance', say(e.load.leastOhm, 'ohms')],
      ['this wire, cold', say(ohmAt(e.s, e.s.room.airC), 'ohms')],
      ['load', say(e.load.share, 'share')],
    ],
    source: 'Ohm’s law. Keeping to 80 % is common practice.',
  }),
  reserve: (e, say) => ({
    title: 'Margin',
    relation:
      'What is left of the max feed: 100 % less feed ÷ max feed. By hand half is kept, with weights or motors 30 %.',
    numbers: [
      ['feed', e.feed === null ? 'none' : say(mm(e.feed), 'feed')],
      ['fastest', e.window.fastest ? say(mm(e.window.fastest.feed), 'feed') : 'none'],
      ['margin', e.reserve === null ? 'none' : say(1 - e.reserve, 'share')],
    ],
    source: 'Common practice, no source.',
  }),
  drag: (e, say) => ({
    title: 'Drag on the wire',
    relation:
      'A small share of the wire touches foam that has not melted, since beads differ in density; over the max feed the rest is crushed. It rises steeply near the max feed.',
    numbers: [
      ['feed ratio, feed ÷ max feed', e.reserve === null ? 'none' : say(e.reserve, 'share')],
      ['drag on each metre', say(e.tension.drag, 'drag')],
      [
        'scaled to a lag that was seen',
        e.s.rig.cut.lagSeenMm === null ? 'no' : say(e.s.rig.cut.lagSeenMm, 'slot'),
      ],
    ],
    source: 'Ours, no published source: good to a factor of two.',
  }),
  ...WHY_TENSION,
  room: (e, say) => ({
    title: 'Length of wire wanted',
    relation:
      'Foam + on each side three times the reach of an unheated end + 10 mm. After three reaches the wire has 95 % of its heat.',
    numbers: [
      ['foam', say(e.s.rig.foam.widthMm, 'foamSize')],
      ['reach of an unheated end', e.coolEnd === null ? 'cold' : say(mm(e.coolEnd), 'wireLength')],
      ['wanted', e.wantedLength === null ? 'cold' : say(mm(e.wantedLength), 'wireLength')],
      ['there is', say(e.s.rig.wire.lengthMm, 'wireLength')],
    ],
    source: 'Fin equation, Incropera & DeWitt §3.6.',
  }),
  touch: (e, say) => ({
    title: 'Voltage on the bare wire',
    relation:
      'The highest volts that can stand on the wire, were the loop open anywhere. No more than 60 V dc or 30 V ac.',
    numbers: [['no-load voltage of the supply', say(e.s.drive.openVolts, 'volts')]],
    source: 'IEC 62368-1, energy source class 1.',
  }),
  foam: (e, say) => ({
    title: 'This foam and a hot wire',
    relation:
      e.s.foam.reason || 'It flows away from the wire at its flow temperature and smokes over its fume limit.',
    numbers: [
      ['foam', e.s.foam.name],
      ['density', say(e.s.rig.foam.densityKgM3, 'density')],
      ['flows at', e.s.foam.heat ? say(e.s.foam.heat.flowC, 'temperature') : 'no figures'],
      ['fume limit', e.s.foam.heat ? say(e.s.foam.heat.fumeC, 'temperature') : 'no figures'],
    ],
    source: e.s.foam.source,
  }),
  leads: (e, say) => {
    const l = e.s.rig.leads;
    return {
      title: 'Leads, fuse and switch',
      relation:
        'The leads take current × their resistance from the wire, and heat. The fuse is 1.25 × the running amps or the next value up, and no more than the leads carry, so that a short melts the fuse and not the leads.',
      numbers: [
        ['current, running', say(runningAmps(e), 'amps')],
        ['leads', say(l.areaMm2, 'area')],
        ['it carries', say(leadsCarry(e.s), 'amps')],
        ['leads, contacts and series', say(e.s.drive.leadOhm, 'ohms')],
        ['fuse', l.fuseA === null ? 'none' : say(l.fuseA, 'amps')],
        ['switch', l.switchA === null ? 'none' : say(l.switchA, 'amps')],
      ],
      source:
        'NEC table 400.5, three-conductor column; IEC 60127, ISO 8820-3; 5 % and 1.25 × are common practice.',
    };
  },
  frame: (e, say) => ({
    title: 'The frame',
    relation:
      'Bare metal between the anchors carries the current past the wire. Foam, and 40 mm of packing, must go between wire and bar.',
    numbers: [
      ['frame of', e.s.rig.frame.material],
      ['throat', say(e.s.rig.frame.throatMm, 'wireLength')],
      ['height of the foam', say(e.s.rig.foam.heightMm, 'foamSize')],
      ...barNumbers(e, say),
    ],
    source: 'Ohm’s law; the 40 mm are ours. Bar: moments about the pivot, Euler (1744).',
  }),
  battery: (e, say) => ({
    title: 'The battery',
    relation:
      'Its volts fall straight from full to the stop, and its inside takes a share of them. Lead gives less the harder it is drawn: minutes by Peukert’s law on its 20-hour rate.',
    numbers: [
      ['no-load voltage now', say(e.s.drive.openVolts, 'volts')],
      ['internal resistance', say(e.s.drive.internalOhm, 'ohms')],
      ['wire, hot in air', say(ohmAt(e.s, e.idle.airC), 'ohms')],
      ['minutes', e.battery?.minutes == null ? 'not known' : say(e.battery.minutes, 'count')],
    ],
    source: 'Peukert 1897, exponent 1.2 from memory; three times the inside ohms is common practice.',
  }),
  pulses: (e, say) => {
    const tau = timeConstant(e);
    const wants = leastPulses(e);
    return {
      title: 'Pulses and the wire',
      relation: 'Between pulses the wire cools by its time constant. Ten pulses in that time keep it steady.',
      numbers: [
        ['pulses a second', say(e.s.rig.control.frequencyHz, 'count')],
        ['time constant', tau === null ? 'cold' : say(tau, 'time')],
        ['wants', wants === null ? 'cold' : say(wants, 'count')],
        ['its temperature swings by', `${swingOf(e).toPrecision(2)} K`],
      ],
      source: 'Lumped heat balance about the idling wire.',
    };
  },
};

/** Answers "why" with this rig's numbers, in somebody's units. */
export function why(topic: WhyTopic, e: Evaluation, say: Say): Why {
  return TELLERS[topic](e, say);
}
