'use client';
import { Component, type ReactNode } from 'react';

/** Words of a part that failed. */
const FAILED = {
  head: 'This part cannot be shown',
  kept: 'Everything that was saved is kept, and the rest of the page goes on.',
  again: 'Show it again',
} as const;

/** Class names of the three columns, for a stage that comes from another place of the program. */
export interface Columns {
  readonly decide: string;
  readonly follow: string;
  readonly act: string;
  readonly fields: string;
  readonly pair: string;
  readonly says: string;
}

interface Props {
  readonly children: ReactNode;
  /** What changes when there is a reason to try again, as the stage that is open. */
  readonly of: string;
  /** Nothing stands in its place: what failed is no part that somebody looks at. */
  readonly quiet?: boolean;
}

/** Keeps a failure while drawing to the part in which it happened. */
export class Boundary extends Component<Props, { failed: string | null; of: string }> {
  override state = { failed: null, of: this.props.of };

  static getDerivedStateFromError(e: unknown): { failed: string } {
    return { failed: e instanceof Error ? e.message : String(e) };
  }

  /** A failure belongs to what was open when it happened: it goes in the same drawing in which something else is opened. */
  static getDerivedStateFromProps(p: Props, s: { of: string }): { failed: null; of: string } | null {
    return p.of === s.of ? null : { failed: null, of: p.of };
  }

  override render(): ReactNode {
    if (this.state.failed === null) return this.props.children;
    if (this.props.quiet) return null;
    return (
      <div role="alert" data-failed>
        <h2>{FAILED.head}</h2>
        <p>{FAILED.kept}</p>
        <p className="dim">{this.state.failed}</p>
        <button type="button" className="quiet" onClick={() => this.setState({ failed: null })}>
          {FAILED.again}
        </button>
      </div>
    );
  }
}

/** A column of a page: a named section whose failure does not take the others along. */
export function Column(p: {
  className: string;
  name: string;
  of: string;
  busy?: boolean;
  children: ReactNode;
}) {
  return (
    <section className={p.className} aria-label={p.name} aria-busy={p.busy}>
      <Boundary of={p.of}>{p.children}</Boundary>
    </section>
  );
}
