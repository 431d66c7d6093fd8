import type { LoggedCut } from '@/core/documents/log';
import type { Say } from '@/core/words/say';

/** What the meter read at a cut, and where. */
export function readAs(cut: LoggedCut, say: Say): string {
  const amps = cut.amps === null ? '' : say(cut.amps, 'amps');
  const at = { display: ' at the display', clips: ' at the clips' }[cut.voltsAt ?? 'display'];
  const volts = cut.volts === null ? '' : `${say(cut.volts, 'volts')}${cut.voltsAt ? at : ''}`;
  return [amps, volts].filter(Boolean).join(', ');
}
