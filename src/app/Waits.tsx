'use client';
import { mdiTrayArrowUp } from '@mdi/js';
import type { useOutbox } from '@/state/useOutbox';
import { Act } from '@/ui/Act';
import { Icon } from '@/ui/Icon';
import { useWhen } from '@/ui/When';
import css from './shell.module.css';

/** What a thing that waits is called, by where it goes. */
function nameOf(path: string, body: unknown): string {
  if (path.endsWith('/cuts')) return 'a test cut';
  if (path === '/api/practice') return 'a run of practice';
  if (path.endsWith('/pulls')) return 'a reading of the pull';
  const kind = (body as { kind?: string } | null)?.kind;
  return kind === 'run' ? 'a called cut' : kind === 'made' ? 'pieces made' : 'an entry of the logbook';
}

/** What was logged on this device and waits for the server. */
export function Waits({ waiting, send, discard }: ReturnType<typeof useOutbox>) {
  const when = useWhen();
  const refused = waiting.filter((w) => w.refused).length;
  return (
    <details className={css.waits}>
      <summary>
        <Icon path={mdiTrayArrowUp} />
        <span role="status">
          {waiting.length === refused ? `${refused} refused` : `${waiting.length - refused} to be sent`}
        </span>
      </summary>
      <div className={css.waiting}>
        <p>Logged on this device, not at the server yet. It is sent by itself, each once.</p>
        <ul>
          {waiting.map((w) => (
            <li key={w.id}>
              {nameOf(w.path, w.body)}, {when.minute(w.at)}
              {w.refused && (
                <>
                  <br />
                  Refused: {w.refused} <Act onClick={() => discard(w.id)}>Throw away</Act>
                </>
              )}
            </li>
          ))}
        </ul>
        {waiting.length > refused && <Act onClick={send}>Try now</Act>}
      </div>
    </details>
  );
}
