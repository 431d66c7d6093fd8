/** The trade's words, each explained once. */
export const GLOSSARY = {
  kerf: [
    'Kerf',
    'The slot that the wire melts. Wider than the wire, since heat reaches beyond it; slower feed, wider kerf.',
  ],
  feed: ['Feed', 'How fast the wire goes through the foam.'],
  fastest: [
    'Max feed',
    'The feed at which the kerf is just as wide as the wire. Any faster, and the wire pushes on solid foam.',
  ],
  slowest: [
    'Min clean feed',
    'Any slower, and the wire melts back over a millimetre a side, or stands hot enough to smoke.',
  ],
  window: ['Clean window', 'The feeds from the min clean feed to the max feed at a setting.'],
  inHand: [
    'Margin',
    'How much slower than the max feed one cuts: half is kept as margin where hands lead the wire.',
  ],
  tuning: [
    'Tuning',
    'How much more, or less, heat your foam takes than the catalogue says; learnt from your test cuts.',
  ],
  spread: ['Range', 'Two times in three the true value lies within it. It shrinks as test cuts come in.'],
  coolEnd: [
    'Unheated end',
    'The last bit of wire beside its clamp, which the clamp keeps cool. It does not cut.',
  ],
  settle: [
    'Settles after',
    'How deep the wire goes before its kerf is steady: the hot wire spends its stored heat first, so a shorter test cut flatters it.',
  ],
  takeUp: ['Take-up', 'What holds the wire tight while it grows: a spring, a weight, a springy frame.'],
  duty: ['Duty', 'The share of the time that a pulse dimmer is on.'],
  firing: ['Firing angle', 'Where in each half wave a dimmer switches on: 0° is full, 180° is off.'],
  drag: ['Drag', 'The push of the foam on the wire. It bows the wire and makes the middle lag.'],
  lag: ['Lag', 'How far the middle of the wire lags behind its ends.'],
  blank: ['Blank', 'The block that a piece is cut from.'],
  station: ['Station', 'A numbered mark on a template; both ends must be at the same number at the same time.'],
  washout: ['Washout', 'A twist that turns the tip against the root.'],
  tail: [
    'Lead-out',
    'The run beyond the piece on a template: the wire leaves the foam there and never stops in it.',
  ],
  isolated: [
    'Isolated',
    'Nothing of the output is tied to the mains, so that touching one side of the wire gives no shock.',
  ],
  draught: [
    'Draught',
    'Moving air over the wire. It cools the wire outside the foam; the kerf shelters the rest.',
  ],
  load: ['Load', 'The share of its limit that a supply carries at its worst instant, the cold start included.'],
  testCut: [
    'Test cut',
    'An offcut of the same foam and the same width, at least 50 mm deep and timed: the first 12 mm run fast on stored heat.',
  ],
  limitCut: ['Limit cut', 'A test cut pushed as fast as the wire will go, just until it begins to bend.'],
  setAside: [
    'Set aside',
    'A timing so far from all the others that it is left out, where you can see it, until you say what happened.',
  ],
  slit: [
    'Slit',
    'A straight cut that leads the wire from outside, or from one outline to the next. It is gone in and out along one line, so its kerf is wider.',
  ],
  backlash: [
    'Backlash',
    'The play of an axis: how far its motor turns before the end moves, after it has turned the other way.',
  ],
  comb: [
    'Test comb',
    'Several test cuts side by side in one block, each at its own feed, made by motors in one program.',
  ],
  inverseTime: [
    'Inverse time',
    'Motion code’s G93: a move’s F is one over its minutes, so that both ends take the same time whatever their ways.',
  ],
} as const satisfies Record<string, readonly [string, string]>;
export type Term = keyof typeof GLOSSARY;
