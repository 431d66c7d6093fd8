import type { Course } from '@/core/practice/course';
import { SENSE_WORDS } from '@/core/words/practice';
import type { Say } from '@/core/words/say';
import type { Told } from './useLead';

/**
 * A run as a reader hears it: what the wire does, and the last station or corner that was passed. It changes only there, so that it is not
 * read out all the time.
 */
export function account({ sense, m }: Told, course: Course, say: Say): string {
  const passed = course.marks.filter((x) => x.near <= m.near.arc + 1e-3).at(-1);
  const last = course.marks.filter((x) => x.kind === passed?.kind).length;
  const at = passed
    ? `${passed.kind === 'corner' ? 'Corner' : 'Station'} ${passed.n} of ${passed.kind === 'corner' ? last : last - 1}.`
    : 'Before the first mark.';
  const goal = `${say(course.feed, 'feed')} asked for.`;
  return `${SENSE_WORDS[sense].name}. ${at} ${SENSE_WORDS[sense].what} ${goal}`;
}

/** Names of what is led. */
export const ENDS = { one: 'Both ends', near: 'Near end', far: 'Far end' } as const;
export const CORE_ENDS = { one: 'Both ends', near: 'Root', far: 'Tip' } as const;
export const LOOP = { one: 'The loop’s foot', near: 'Loop', far: 'Loop' } as const;
export const PUSHED = { one: 'The foam, pushed past the wire', near: 'Foam', far: 'Foam' } as const;

export const KEYS_ONE =
  'Pointer: press on the wire and draw it along. Keys: space leads or stands, arrow up and down change the feed; the wire stops at a corner until you go on.';
export const KEYS_TWO =
  'Two fingers, one on each picture; or a pointer on one end and keys for the other. Keys: space leads or stands, arrows change the near end’s feed, W and S the far end’s.';

/** An unknown bench has no figures to ask for. */
export const NO_GOAL = { feedMmS: 0, minMmS: 0, maxMmS: 0, waitS: 0, shortMmS: 0 } as const;

/** What became of a run that was led. */
export const KEPT = 'Kept with your practice, apart from the log of cuts.';
export const WAITS = 'It waits on this device and is sent when the network is back.';
