import { faultWords } from '@/core/words/plainField';
import type { SAVE_WORDS } from '@/core/words/saving';
import { isLater, type Outcome } from './api';

/** `failed`: it is tried again; `refused`: the server will not have it, and waits for another change. */
export type SaveState = keyof typeof SAVE_WORDS;

/** What a save is answered with: the record, with the revision it now has. */
export interface Saved {
  readonly record: { readonly revision: number };
}

export interface SaverOptions<T extends Saved> {
  /** Sends the newest document made on a revision. */
  readonly send: (base: number) => Promise<Outcome<T>>;
  readonly onState: (state: SaveState) => void;
  readonly onSaved: (answer: T) => void;
  readonly onConflict: (theirs: T) => void;
  /** Reads the other's save out of a refusal; null where it is none. */
  readonly theirs: (body: unknown) => T | null;
  readonly onRefused: (words: string) => void;
  readonly waitMs?: number;
  readonly retryMs?: readonly number[];
}

/** How often it is looked whether a save has come to its end, ms. */
const LOOK_MS = 50;

/** Waits while something holds, for so many looks at most. */
export async function waitWhile(holds: () => boolean, looks = Infinity): Promise<void> {
  for (let i = 0; i < looks && holds(); i++) await new Promise((r) => setTimeout(r, LOOK_MS));
}

const WAIT_MS = 250;
const RETRY_MS = [1000, 2000, 5000, 10000];

/**
 * Saves a burst of changes as one, one save at a time, and again after a failure until it is acknowledged; what the server refuses is told and rests until it is changed. "saved" is
 * said only of what the server acknowledged. After a conflict it rests until `resume` names the revision to save on.
 */
export class Saver<T extends Saved> {
  private dirty = false;
  private busy = false;
  private failures = 0;
  private stopped = false;
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(
    private base: number,
    private readonly o: SaverOptions<T>,
  ) {}

  /** Something changed. */
  change(): void {
    this.dirty = true;
    if (this.stopped) return;
    if (!this.busy) this.o.onState('waiting');
    this.plan(this.o.waitMs ?? WAIT_MS);
  }

  /** Sends at once what waits. */
  flush(): void {
    if (this.dirty && !this.busy && !this.stopped) void this.run();
  }

  /** The revision that what is here was made on. */
  get revision(): number {
    return this.base;
  }

  /** Whether anything is not yet acknowledged. */
  get open(): boolean {
    return this.dirty || this.busy;
  }

  /** The revision now in force, after a conflict was settled; `save` sends what is here on top of it. */
  resume(base: number, save: boolean): void {
    this.base = base;
    this.stopped = false;
    this.dirty = save;
    if (save) void this.run();
    else this.o.onState('saved');
  }

  dispose(): void {
    if (this.timer) clearTimeout(this.timer);
    this.stopped = true;
  }

  private plan(ms: number): void {
    if (this.timer) clearTimeout(this.timer);
    this.timer = setTimeout(() => this.flush(), ms);
  }

  private async run(): Promise<void> {
    this.busy = true;
    this.dirty = false;
    this.o.onState('saving');
    const answer = await this.o.send(this.base);
    this.busy = false;
    if (answer.kind === 'done') {
      this.failures = 0;
      this.base = answer.data.record.revision;
      this.o.onSaved(answer.data);
      if (this.dirty) this.plan(0);
      else this.o.onState('saved');
      return;
    }
    const theirs =
      answer.kind === 'refused' && answer.status === 409 ? this.o.theirs(answer.body['theirs']) : null;
    if (theirs) {
      this.stopped = true;
      this.o.onState('conflict');
      this.o.onConflict(theirs);
      return;
    }
    this.dirty = true;
    if (answer.kind === 'refused' && !isLater(answer)) {
      this.o.onState('refused');
      this.o.onRefused(answer.faults.map(faultWords).join('; '));
      return;
    }
    this.o.onState('failed');
    this.o.onRefused(answer.kind === 'refused' ? answer.faults.map(faultWords).join('; ') : '');
    const waits = this.o.retryMs ?? RETRY_MS;
    this.plan(waits[Math.min(this.failures++, waits.length - 1)]!);
  }
}
