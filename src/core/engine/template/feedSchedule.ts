/** Nominal kerfs of the two ends: those that the templates allow for, mm. */
export interface Slots {
  readonly root: number;
  readonly tip: number;
}

/** How one way from node to node is led: the feed of the longer end, and whether the tolerance can be met there. */
export interface Leg {
  readonly feed: number;
  readonly seconds: number;
  readonly root: number;
  readonly tip: number;
  readonly slowed: boolean;
  readonly meets: boolean;
}

/** A wait at a node, and what it melts beyond the kerf on a side, mm; `vain` where it would melt more than it saves. */
export interface Wait {
  readonly node: number;
  readonly n: number;
  readonly seconds: number;
  readonly melts: number;
  readonly saves: number;
  readonly vain: boolean;
}

export interface FeedSchedule {
  readonly legs: readonly Leg[];
  readonly waits: readonly Wait[];
  /** Seconds after the start at which each node is reached and left. */
  readonly arrive: readonly number[];
  readonly leave: readonly number[];
  readonly seconds: number;
}
