/** The part of a Worker that is used, so that a test can stand in for it. */
export interface Port<Q, A> {
  postMessage(q: Q): void;
  terminate(): void;
  onmessage: ((e: { data: A }) => void) | null;
  onerror: ((e: unknown) => void) | null;
}

/**
 * Asks a worker, the latest question only: while one is worked on, a newer one waits in place of any older. Every
 * question ends by its answer, by being overtaken, by the deadline or by dispose; at the deadline, and on a crash, the
 * worker is stopped and the next question gets a new one.
 */
export class Latest<Q extends { id: number }, A extends { id: number }> {
  private port: Port<Q, A> | null = null;
  private busy: Q | null = null;
  private next: Q | null = null;
  private timer: ReturnType<typeof setTimeout> | null = null;

  constructor(
    private readonly make: () => Port<Q, A>,
    private readonly onAnswer: (a: A) => void,
    private readonly onLate: (q: Q) => void,
    private readonly deadlineMs: number,
  ) {}

  ask(q: Q): void {
    this.next = q;
    if (!this.busy) this.send();
  }

  dispose(): void {
    this.next = null;
    this.stop();
  }

  private send(): void {
    const q = this.next;
    if (!q) return;
    this.next = null;
    this.busy = q;
    if (!this.port) {
      this.port = this.make();
      this.port.onmessage = (e) => this.answered(e.data);
      this.port.onerror = () => this.late();
    }
    this.timer = setTimeout(() => this.late(), this.deadlineMs);
    this.port.postMessage(q);
  }

  private answered(a: A): void {
    if (a.id !== this.busy?.id) return;
    if (this.timer) clearTimeout(this.timer);
    this.busy = null;
    this.onAnswer(a);
    this.send();
  }

  private late(): void {
    const q = this.busy;
    this.stop();
    if (q) this.onLate(q);
    this.send();
  }

  private stop(): void {
    if (this.timer) clearTimeout(this.timer);
    this.port?.terminate();
    this.port = null;
    this.busy = null;
  }
}
