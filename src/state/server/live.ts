import { z } from 'zod';

/** The revision of a rig that was thrown away is null. */
export const changeMessage = z.object({
  part: z.string(),
  rig: z.string().optional(),
  revision: z.int().nullish(),
});
const here = z.object({ id: z.string(), device: z.string(), rig: z.string().nullable() });
const messages = {
  hello: z.object({ id: z.string(), last: z.number() }),
  changes: z.object({ changes: z.array(changeMessage) }),
  here: z.object({ here: z.array(here) }),
} as const;

/** Something that was changed, here or on another device. */
export type LiveChange = Readonly<z.output<typeof changeMessage>>;
/** A page that is open somewhere. */
export type LookingOn = Readonly<z.output<typeof here>>;

export interface LiveEars {
  readonly onChanges: (changes: readonly LiveChange[]) => void;
  /** Others with a page open, this page not among them. */
  readonly onHere: (others: readonly LookingOn[]) => void;
  /** Something may have been missed. */
  readonly onMissed: () => void;
  /** Whether the server is heard. */
  readonly onHeard: (heard: boolean) => void;
}

/** Waits before the server is asked again where it refused, ms. */
const AGAIN_MS = 2_000;

/**
 * Hears the server for a page that looks at a rig, or at none, and that the server made at a time (by its own clock, ms): what was changed since is missed; comes back by itself.
 * Answers with what ends it.
 */
export function hearLive(rig: string | null, made: number, ears: LiveEars): () => void {
  let source: EventSource | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let own = '';
  let before = false;
  const open = () => {
    const to = new EventSource(rig === null ? '/api/live' : `/api/live?rig=${encodeURIComponent(rig)}`);
    source = to;
    const on = <K extends keyof typeof messages>(
      kind: K,
      then: (data: z.output<(typeof messages)[K]>) => void,
    ) =>
      to.addEventListener(kind, (e) => {
        const read = messages[kind].safeParse(JSON.parse(String((e as MessageEvent).data)));
        if (read.success) then(read.data as z.output<(typeof messages)[K]>);
      });
    on('hello', ({ id, last }) => {
      own = id;
      ears.onHeard(true);
      if (before || last >= made) ears.onMissed();
      before = true;
    });
    on('changes', ({ changes }) => ears.onChanges(changes));
    on('here', ({ here: all }) => ears.onHere(all.filter((h) => h.id !== own)));
    to.addEventListener('missed', () => ears.onMissed());
    to.onerror = () => {
      ears.onHeard(false);
      // The browser comes back by itself, but not where it was refused.
      if (to.readyState !== EventSource.CLOSED) return;
      timer = setTimeout(open, AGAIN_MS);
    };
  };
  open();
  return () => {
    clearTimeout(timer);
    source?.close();
  };
}
