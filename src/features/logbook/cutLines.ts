import type { LoggedCut } from '@/core/documents/log';
import { controlSettingText } from '@/core/words/control';
import { GRADE_WORDS, SANDED_WORDS, SEEN_WORDS } from '@/core/words/cuts';
import { alloyName, foamName } from '@/core/words/logbook';
import type { Say } from '@/core/words/say';
import type { LogEntry } from '@/state/types';
import type { When } from '@/ui/When';

/** A cut line by line: name and value, in somebody's units; what is not known is a dash. */
export function cutLines(entry: LogEntry, say: Say, when: When): (readonly [string, string])[] {
  const cut = entry.doc as LoggedCut;
  const made = entry.made!;
  const or = (v: number | null, role: Parameters<Say>[1]) => (v === null ? '–' : say(v, role));
  return [
    ['When', when.minute(entry.at)],
    ['Rig', entry.rig || 'a rig without a name'],
    ['Foam', `${foamName(made.foam)}, ${say(made.foamKgM3, 'density')}`],
    ['Wire', `${alloyName(made.alloy)} ${say(made.wireMm, 'wireDiameter')}`],
    ['Set', controlSettingText(made.control, cut.setting, say)],
    [
      'Meter',
      [
        or(cut.amps, 'amps'),
        cut.volts === null ? '' : `${say(cut.volts, 'volts')} at the ${cut.voltsAt ?? 'display'}`,
      ]
        .filter(Boolean)
        .join(', '),
    ],
    ['Width', say(cut.widthMm, 'foamSize')],
    ['Depth', or(cut.depthMm, 'depth')],
    [
      'Time',
      cut.seconds === null
        ? '–'
        : `${say(cut.seconds, 'time')} from ${cut.timedFrom === 'touch' ? 'the touch' : 'inside the foam'}`,
    ],
    ['Feed', or(made.feedMmS, 'feed')],
    ['Marks', cut.marks?.map((m) => `${say(m.mm, 'depth')} at ${say(m.s, 'time')}`).join(', ') ?? '–'],
    ['Kerf', or(cut.kerfMm, 'slot')],
    [
      'It cut',
      cut.limit
        ? 'at the limit: the wire began to bend'
        : cut.grade
          ? GRADE_WORDS[cut.grade].toLowerCase()
          : 'not judged',
    ],
    ['Seen', cut.seen.map((s) => SEEN_WORDS[s]).join(', ') || '–'],
    [
      'Sanded',
      cut.sanded ? `${SANDED_WORDS[cut.sanded.where]}, ${Number(cut.sanded.minutes.toPrecision(3))} min` : '–',
    ],
    ['Note', cut.note || '–'],
  ];
}
