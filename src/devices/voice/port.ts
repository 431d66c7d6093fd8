/** Something that is going to be heard; `stop` takes it back. */
export interface Heard {
  readonly stop: () => void;
}
/** A voice: a clock in seconds that does not drift from what is heard, and clips (or tones in their place) set to a second of it. */
export interface Voice {
  readonly now: () => number;
  /**
   * Seconds that this clock has fallen behind the page's own since it was opened: sound that a busy machine dropped. What is set
   * later is set earlier by as much.
   */
  readonly lost: () => number;
  readonly play: (clip: string, at: number) => Heard;
  /** Clips that are spoken; the others are tones. */
  readonly speaks: (clip: string) => boolean;
  readonly close: () => void;
}
/** What calls after a time; a test replaces it. */
export interface Timer {
  readonly every: (ms: number, call: () => void) => () => void;
}

/** The page's own timer. */
export const PAGE_TIMER: Timer = {
  every: (ms, call) => {
    const id = setInterval(call, ms);
    return () => clearInterval(id);
  },
};
