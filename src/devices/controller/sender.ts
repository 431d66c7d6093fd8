import type { ControllerPort } from './port';

/** How sending stands: how many lines are taken, and what line was refused and why. */
export interface Sent {
  readonly lines: number;
  readonly refused: string | null;
}

/** Sends a program line by line, as many as the controller has room for each time it is asked to. */
export class Sender {
  private sent = 0;
  private refusal: string | null = null;
  constructor(
    private readonly port: ControllerPort,
    readonly lines: readonly string[],
  ) {}

  /** Sends what there is room for; throws where the link is gone. `again`: a line that was refused is tried once more. */
  async pump(again = false): Promise<Sent> {
    if (again) this.refusal = null;
    let { room } = await this.port.report();
    while (this.refusal === null && room > 0 && this.sent < this.lines.length) {
      const reply = await this.port.send(this.lines[this.sent]!);
      if (reply.ok) {
        this.sent++;
        room--;
      } else this.refusal = reply.why;
    }
    return { lines: this.sent, refused: this.refusal };
  }
}

/** The program without its heat, line for line: what would switch it, and the warm-ups that wait for it, become comments. */
export function dryLines(lines: readonly string[]): string[] {
  let warming = false;
  return lines.map((line) => {
    const plain = line.replace(/[()]/g, ' ').trim();
    if (/^\s*M[35]\b/.test(line)) {
      warming = /^\s*M3\b/.test(line);
      return `(cold: ${plain})`;
    }
    if (warming && /^\s*G4\b/.test(line)) return `(cold: ${plain})`;
    warming = false;
    return line;
  });
}
