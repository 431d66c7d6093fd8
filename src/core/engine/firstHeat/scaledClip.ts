import type { Rig } from '../../documents/rig';
import { ohmPerMetre, setUp } from '../setup';

/** A rig whose clip sits elsewhere than its setting says: the whole wire stands for the part between the clips. */
export function scaledClip(rig: Rig, f: number): Rig {
  const ohm = rig.wire.measuredOhm;
  return {
    ...rig,
    wire: {
      ...rig.wire,
      measuredOhm:
        ohm === null
          ? (ohmPerMetre(
              setUp({ ...rig, control: { ...rig.control, setting: rig.wire.lengthMm } }),
              rig.room.airC,
            ) *
              rig.wire.lengthMm *
              f) /
            1000
          : ohm * f,
    },
  };
}
