/** Wrong codes from one address, and from all together, within a minute. */
const MOST = 5;
const MOST_OF_ALL = 30;
const MINUTE_MS = 60_000;

/** Counts wrong codes: five a minute from one address, thirty from all, then it waits. */
export class Tries {
  private wrong: { from: string; at: number }[] = [];

  /** Seconds to wait before another try from an address; 0: now. */
  waitS(from: string, now = Date.now()): number {
    this.wrong = this.wrong.filter((w) => now - w.at < MINUTE_MS);
    const own = this.wrong.filter((w) => w.from === from);
    const full = own.length >= MOST ? own : this.wrong.length >= MOST_OF_ALL ? this.wrong : null;
    if (!full) return 0;
    return Math.ceil((full[full.length - (full === own ? MOST : MOST_OF_ALL)]!.at + MINUTE_MS - now) / 1000);
  }

  /** A wrong code came from an address. */
  note(from: string, now = Date.now()): void {
    this.wrong.push({ from, at: now });
  }
}
