import type { Advised, Way } from '../engine/steady';
import type { Say } from './say';

export const WAY_NAMES: Record<Way, string> = {
  volts: 'Voltage held',
  amps: 'Current held',
  ohms: 'Resistance held',
};

/** What changes, in words, in the order of a table. */
export const CHANGES = [
  ['longer', 'a wire a tenth longer'],
  ['sag', 'voltage a tenth lower'],
  ['draught', 'a draught over the wire'],
  ['narrower', 'foam half as wide'],
] as const satisfies readonly (readonly [keyof Advised['ways'][number]['drift'], string])[];

/** A plain recommendation of what to hold, with its reasons in this rig's numbers. */
export function holdWords(a: Advised, alloy: string, say: Say): { head: string; reasons: string[] } {
  const of = (way: Way) => a.ways.find((w) => w.way === way)!;
  const share = (x: number) => say(Math.abs(x), 'share');
  const reasons: string[] = [];
  if (a.best === 'amps')
    reasons.push(
      'Held amps put the same heat into each metre, whatever the length, the leads and the battery do.',
    );
  if (a.best === 'volts') reasons.push('A held voltage moves least here.');
  if (a.best === 'ohms') reasons.push('Held ohms keep the wire’s mean temperature when the supply sags.');
  reasons.push(
    `With volts held, a tenth off them moves the max feed by ${share(of('volts').drift.sag)}, a wire a tenth longer by ${share(of('volts').drift.longer)}.`,
  );
  if (a.kelvinAPercent === null)
    reasons.push(
      `Holding ohms will not work on this wire: the resistance of ${alloy} rises by as little as ${say(Math.max(0, a.rise), 'share')} over 100 K on its way, less than leads and contacts wander.`,
    );
  else
    reasons.push(
      `Holding ohms can work: one per cent of them is ${a.kelvinAPercent.toFixed(1)} K of the wire’s mean, so the leads must be known to that. It holds the mean of air and foam together: foam half as wide moves it by ${share(of('ohms').drift.narrower)}.`,
    );
  return { head: `${WAY_NAMES[a.best]} suits this rig best.`, reasons };
}
