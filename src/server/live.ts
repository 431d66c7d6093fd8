import 'server-only';
import { listDevices } from '@/db/devices';
import type { Handle } from '@/db/open';
import { database, handle } from './db';
import type { Device } from './device';

/** Something that was changed and is committed: what part of which rig, or which list. */
export interface Change {
  readonly part: string;
  readonly rig?: string;
  readonly revision?: number | null;
}
/** Somebody with a page open: on what device, and at which rig. */
export interface Here {
  readonly id: string;
  readonly device: string;
  readonly rig: string | null;
}
/** What a page is told as it happens. `missed`: something may have been, all is to be asked for again. */
export type Told =
  | { readonly kind: 'changes'; readonly changes: readonly Change[] }
  | { readonly kind: 'missed' }
  | { readonly kind: 'here'; readonly here: readonly Here[] };

export const CHANGES = 'upwind_changes';
const HERE = 'upwind_here';
/** Changes within this are told together, ms. */
const TOGETHER_MS = 25;
/** Programs on one database tell each other who is there so often, and forget one that is silent three times as long, ms. */
const TELL_MS = 10_000;
/** PostgreSQL's NOTIFY takes messages of less than 8000 bytes (manual, NOTIFY). */
const MOST_BYTES = 7_900;

/** Hears what the database tells and hands it on to the open pages of this program; tells other programs who looks here. */
export class Hub {
  private readonly pages = new Map<string, { here: Here; tell: (t: Told) => void }>();
  private readonly others = new Map<string, { here: readonly Here[]; at: number }>();
  private readonly name = crypto.randomUUID();
  private waiting = new Map<string, Change>();
  /** When something was changed last, or may have been before this began to hear, ms. */
  last = Date.now();
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    /** Tells other programs on the same database; null where there can be none. */
    private readonly tellOthers: ((message: string) => Promise<unknown>) | null,
  ) {}

  /** Starts to hear a database. */
  static async on(db: Handle, shared: boolean): Promise<Hub> {
    const hub = new Hub(shared ? (message) => db.notify(HERE, message) : null);
    await db.listen(
      CHANGES,
      (m) => hub.changed(m),
      () => hub.missed(),
    );
    if (shared) {
      await db.listen(
        HERE,
        (m) => hub.heardOf(m),
        () => hub.announce(),
      );
      setInterval(() => hub.announce(), TELL_MS).unref();
    }
    return hub;
  }

  /** A page was opened; the answer ends it. */
  open(here: Here, tell: (t: Told) => void): () => void {
    this.pages.set(here.id, { here, tell });
    this.announce();
    return () => {
      if (this.pages.delete(here.id)) this.announce();
    };
  }

  get count(): number {
    return this.pages.size;
  }

  /** A message of the database's own triggers. */
  changed(message: string): void {
    this.last = Date.now();
    this.waiting.set(message, JSON.parse(message) as Change);
    this.timer ??= setTimeout(() => {
      this.timer = undefined;
      const changes = [...this.waiting.values()];
      this.waiting = new Map();
      this.tellAll({ kind: 'changes', changes });
    }, TOGETHER_MS);
  }

  /** Another program says who looks there. */
  heardOf(message: string, now = Date.now()): void {
    const { name, here } = JSON.parse(message) as { name: string; here: readonly Here[] };
    if (name === this.name) return;
    this.others.set(name, { here, at: now });
    this.tellWho(now);
  }

  /** The database was lost for a while. */
  missed(): void {
    this.last = Date.now();
    this.tellAll({ kind: 'missed' });
  }

  private announce(): void {
    const here = [...this.pages.values()].map((p) => p.here);
    const message = () => JSON.stringify({ name: this.name, here });
    // The first that fit: the server refuses a longer message whole.
    while (Buffer.byteLength(message()) > MOST_BYTES) here.pop();
    // It may not answer: who is there is no matter of life and death.
    void this.tellOthers?.(message()).catch(() => undefined);
    this.tellWho();
  }

  private tellWho(now = Date.now()): void {
    for (const [name, { at }] of this.others) if (now - at > 3 * TELL_MS) this.others.delete(name);
    const here = [
      ...[...this.pages.values()].map((p) => p.here),
      ...[...this.others.values()].flatMap((o) => o.here),
    ];
    this.tellAll({ kind: 'here', here });
  }

  private tellAll(told: Told): void {
    for (const { tell } of this.pages.values()) tell(told);
  }
}

const kept = globalThis as unknown as { upwindHub?: Promise<Hub> };

function hub(): Promise<Hub> {
  kept.upwindHub ??= handle()
    .then((db) => Hub.on(db, Boolean(process.env.DATABASE_URL)))
    .catch((e: unknown) => {
      delete kept.upwindHub;
      throw e;
    });
  return kept.upwindHub;
}

async function isIn(device: Device): Promise<boolean> {
  if (device.id === null) return true;
  return (await listDevices(await database())).some((d) => d.id === device.id);
}

/** A line now and then, so that a connection that nobody reads any more is found out, ms. */
const ALIVE_MS = 15_000;
/** A page that lost us comes back after this, ms. */
const AGAIN_MS = 1_000;
/** Open pages of one program. */
export const MOST_PAGES = 500;

/** What happens from now on as server-sent events, until the page goes; null where too many pages are open. */
export async function liveStream(
  device: Device,
  rig: string | null,
  signal: AbortSignal,
): Promise<Response | null> {
  const to = await hub();
  if (to.count >= MOST_PAGES) return null;
  const id = crypto.randomUUID();
  const text = new TextEncoder();
  let end = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const write = (line: string) => {
        try {
          controller.enqueue(text.encode(line));
        } catch {
          end();
        }
      };
      const alive = setInterval(() => write(': \n\n'), ALIVE_MS);
      alive.unref();
      write(`retry: ${AGAIN_MS}\nevent: hello\ndata: ${JSON.stringify({ id, last: to.last })}\n\n`);
      const tell = (t: Told) => write(`event: ${t.kind}\ndata: ${JSON.stringify(t)}\n\n`);
      const close = to.open({ id, device: device.name, rig }, (t) => {
        tell(t);
        // A device that was forgotten hears no more.
        if (t.kind === 'changes' && t.changes.some((c) => c.part === 'devices'))
          void isIn(device).then((is) => is || stop());
      });
      end = () => {
        clearInterval(alive);
        close();
      };
      const stop = () => {
        end();
        try {
          controller.close();
        } catch {
          // It is closed already.
        }
      };
      signal.addEventListener('abort', stop);
    },
    cancel: () => end(),
  });
  return new Response(body, {
    headers: {
      'content-type': 'text/event-stream',
      // Compressed, it would be held back until enough of it is there.
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  });
}
