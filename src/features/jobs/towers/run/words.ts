import type { ControllerFault } from '@/devices/controller/port';

/** What is looked at before each job: by the person, not by the program. */
export const CHECKS = [
  'Each limit switch tried by hand: its axis stopped',
  'Homed; the cold wire is square to the travel and at its tension',
  'The block is weighted or held, its front lower edge at the zero point',
  'The way of wire, leads and take-up is clear, and nobody reaches in',
  'Fumes go outside; an extinguisher is at hand; I stay beside it to its end',
] as const;

export const NOTHING = 'nothing';
export const FAULT_NAMES: Readonly<Record<ControllerFault | typeof NOTHING, string>> = {
  nothing: 'nothing goes wrong',
  'lost-steps': 'an axis loses steps',
  switch: 'a limit switch opens',
  refused: 'a line comes torn',
  link: 'the link goes',
};
export const SPEED_NAMES = {
  '1': 'as it would be',
  '10': 'ten times as fast',
  '60': 'sixty times as fast',
} as const;

export const STATE_NAMES = {
  ready: 'Waits for lines',
  running: 'Runs',
  held: 'Held',
  waiting: 'Waits for your hand',
  stopped: 'Stopped',
  alarm: 'Stopped itself',
} as const;

/** What a break in a run is, and what is done about it. */
export const LINK_LOST = {
  head: 'The link is gone',
  text: 'It does what it was sent, then stands with the wire hot. Go to the machine and switch the power off there.',
};
export const REFUSED = (why: string) => ({
  head: 'A line was refused',
  text: `The controller says: ${why}. It comes to rest where its lines end, with the wire hot. Send the line again, or stop.`,
});
export const STOPPED = {
  head: 'Stopped',
  text: 'Motors and heat are off. The wire is where it stood; let it cool before it is touched.',
};
export const ALARM = (why: string) => ({
  head: 'It stopped itself',
  text: `${why[0]!.toUpperCase()}${why.slice(1)}. Motors and heat are off; find out why before it is homed.`,
});
export const LOST = (mm: string) => ({
  head: 'The wire was not where the controller believed',
  text: `An axis lost steps and stood ${mm} off to the end. The controller cannot know: only a gauge, or homing again, tells. Gauge the part before another is cut.`,
});
export const STAND_IN =
  'A simulated controller that ships with the program: nothing is connected, no wire gets hot. A real controller gets the code as a file.';
