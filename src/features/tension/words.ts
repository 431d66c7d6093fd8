import type { PullWay } from '@/core/documents/pull';
import type { NoSound } from '@/devices/sound/port';
import type { NoNote } from '@/devices/sound/readPluck';

export const NO_NOTE: Record<NoNote, string> = {
  silent: 'it was too quiet. Hold the phone within a hand’s width of the wire.',
  noisy: 'no clear note stands out of the noise. Stop fans and talk, and pluck once.',
  steady:
    'it does not die away as a pluck does: the hum of a supply or a machine. Switch it off, or pluck nearer.',
  restless: 'it swells again after the first sound. Pluck once, then let it ring.',
  short: 'it is too short to tell. Two seconds at least.',
};

export const NO_SOUND: Record<NoSound, string> = {
  'not-allowed':
    'The browser was not allowed to listen. Allow the microphone for this page, or bring a recorded sound.',
  'no-device': 'There is no microphone here. Bring a recorded sound, or type the note in above.',
  'not-a-sound': 'That file holds no sound this browser can read.',
  'too-long': 'Too long: thirty seconds at most.',
  stopped: 'Stopped.',
};

export const WAY_SHORT: Record<PullWay, string> = {
  stretch: 'stretch',
  weight: 'weight',
  squeeze: 'squeeze',
  pitch: 'note',
  note: 'note at yield',
};
