import type { Rig } from '../documents/rig';
import type { Say } from './say';

/** One step: what to do, what it should read, what to do if it does not. */
export interface Step {
  readonly act: string;
  readonly reads?: string;
  readonly ifNot?: string;
}

/** Checks of the wire and its ends before it is tightened, for a rig's frame. The meter's checks come first. */
export function endChecks(rig: Rig, say: Say): { id: string; text: string }[] {
  const bend = 3 * rig.wire.diameterMm;
  const metal = rig.frame.material === 'metal' || rig.frame.material === 'metal-insulated';
  const gives = rig.tension.kind === 'spring' || rig.tension.kind === 'rubber';
  return [
    ...(metal
      ? [
          {
            id: 'open',
            text: 'Meter on ohms, wire hung, leads off: frame to wire reads open. Sleeves or plastic blocks at both anchors; a screw through them counts as metal.',
          },
        ]
      : [
          {
            id: 'open',
            text: `The frame is of ${rig.frame.material}: no metal bolt, plate or tensioner joins both ends of the wire. Meter on ohms: nothing but the wire’s own between the anchors.`,
          },
        ]),
    {
      id: 'whole',
      text: 'Clip to clip the meter reads the wire’s ohms, and stays still while the wire is moved: no loose strand, no bad clip.',
    },
    {
      id: 'straight',
      text: 'A new wire is drawn straight once over a smooth round rod, thumb-thick. A kinked length is thrown away: it breaks there.',
    },
    {
      id: 'bend',
      text: `No bend sharper than ${say(bend, 'slot')} radius, three times the wire: wind it round a smooth pin, not an edge.`,
    },
    {
      id: 'knot',
      text: 'The end goes round the pin twice and then round itself, six turns laid side by side: a twist that cannot unwind when the wire is hot and soft.',
    },
    { id: 'groove', text: 'A groove, filed and smoothed, keeps the wire from sliding along the arm.' },
    ...(gives
      ? [
          {
            id: 'jumper',
            text: `The ${rig.tension.kind} stands outside the clips, or a jumper of lead wire takes the current past it. ${rig.tension.kind === 'rubber' ? 'Rubber is kept a hand’s width from hot wire.' : ''}`.trim(),
          },
        ]
      : []),
    { id: 'tether', text: 'A cord ties the take-up to the frame, slack: what lets go stays there.' },
    {
      id: 'anneal',
      text: 'Warmed once under tension to the working heat, in open air, then set again: the first heat takes the last kinks and the first set out.',
    },
  ];
}
