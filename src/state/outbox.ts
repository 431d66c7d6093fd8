import { z } from 'zod';
import { call, inWords, isLater, type Outcome } from './api';
import { browserStore, type OutboxStore, type Waiting } from './outboxStore';
import { quietWhile } from './quiet';

/** What is logged waits for an answer no longer than this before it is kept and sent later, ms. */
const ANSWER_MS = 6_000;
/** While something waits, it is tried again so often, ms. */
const AGAIN_MS = 5_000;

/** A number of its own for what is logged here. Also where the browser has no `crypto.randomUUID`, as at a plain http address. */
export function ownId(): string {
  const b = crypto.getRandomValues(new Uint8Array(16));
  b[6] = (b[6]! & 0x0f) | 0x40;
  b[8] = (b[8]! & 0x3f) | 0x80;
  const hex = [...b].map((x) => x.toString(16).padStart(2, '0')).join('');
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
}

type Send = (w: Waiting) => Promise<Outcome<unknown>>;
/** What waited is sent without asking for all that follows from it: many may come at once. */
const sendIt: Send = (w) => post(w, z.unknown(), { prefer: 'return=minimal' });
const post = <T>(w: Waiting, answer: z.ZodType<T>, more: Readonly<Record<string, string>> = {}) =>
  call(w.method, w.path, answer, w.body, {
    withinMs: ANSWER_MS,
    headers: { 'idempotency-key': w.id, ...more },
  });

/**
 * What is logged on this device: sent at once, kept where no answer comes, and sent again until the server has it, each once. What the server refuses is
 * kept and told, never dropped in silence.
 */
export class Outbox {
  private store: Promise<OutboxStore | null> | null = null;
  private list: readonly Waiting[] = [];
  private readonly ears = new Set<() => void>();
  private busy: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly open: () => Promise<OutboxStore | null> = browserStore,
    private readonly send: Send = sendIt,
  ) {}

  /** Opens the store, while there is still a network to fetch by what opens it. One that could not be opened is tried again. */
  kept(): Promise<OutboxStore | null> {
    this.store ??= this.open().then((store) => {
      if (!store) this.store = null;
      return store;
    });
    return this.store;
  }

  /** What waits, for a screen. */
  readonly waiting = (): readonly Waiting[] => this.list;
  readonly subscribe = (ear: () => void): (() => void) => {
    this.ears.add(ear);
    return () => void this.ears.delete(ear);
  };

  private tell(): void {
    this.ears.forEach((ear) => ear());
  }

  private async look(): Promise<void> {
    const store = await this.kept();
    this.list = (await store?.all()) ?? [];
    this.tell();
    clearTimeout(this.timer);
    if (this.list.some((w) => !w.refused)) this.timer = setTimeout(() => void this.flush(), AGAIN_MS);
  }

  /** Logs something, after what waits already: the server's answer, or `kept` where none came. */
  async log<T>(
    path: string,
    answer: z.ZodType<T>,
    body: unknown,
    method: Waiting['method'] = 'POST',
  ): Promise<Outcome<T>> {
    const w: Waiting = { id: ownId(), method, path, body, at: new Date().toISOString() };
    const store = await this.kept();
    // On the device before it is on its way: a battery that dies meanwhile loses nothing.
    await store?.put(w);
    // What amends something comes after it.
    if ((await this.before(w)) && (await this.flush().then(() => this.before(w))))
      return { kind: 'kept', id: w.id };
    const outcome = await post(w, answer);
    if (store && isLater(outcome)) {
      await this.look();
      return { kind: 'kept', id: w.id };
    }
    await store?.remove(w.id);
    return outcome;
  }

  /** Whether something waits that was logged before. */
  private async before(w: Waiting): Promise<boolean> {
    const all = (await (await this.kept())?.all()) ?? [];
    return all.some((o) => o.id !== w.id && !o.refused && o.at <= w.at);
  }

  /** Sends what waits, the oldest first, as long as it is answered. */
  flush(): Promise<void> {
    if (this.busy) return this.busy;
    this.busy = (async () => {
      const store = await this.kept();
      for (const w of (await store?.all()) ?? []) {
        if (w.refused) continue;
        const outcome = await this.send(w);
        if (isLater(outcome)) break;
        if (outcome.kind === 'refused') await store!.put({ ...w, refused: inWords(outcome) });
        else {
          await store!.remove(w.id);
          this.list = this.list.filter((o) => o.id !== w.id);
          this.tell();
        }
      }
    })().finally(() => {
      this.busy = null;
      void this.look();
    });
    if (this.list.length > 0) quietWhile(this.busy);
    return this.busy;
  }

  /** What was refused is thrown away. */
  async discard(id: string): Promise<void> {
    await (await this.kept())?.remove(id);
    await this.look();
  }
}

/** The one of this page. */
export const outbox = new Outbox();
