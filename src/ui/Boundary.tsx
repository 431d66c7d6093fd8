'use client';
import { Component, type ReactNode } from 'react';
import { Act } from './Act';
import css from './boundary.module.css';

/** Words of a part that failed. */
const FAILED = {
  head: 'This part cannot be shown',
  kept: 'Everything that was saved is kept, and the rest of the page goes on.',
  notCome: 'It did not come over the network. If it stays away, open the page anew.',
  again: 'Show it again',
  close: 'Close',
} as const;

interface Props {
  readonly children: ReactNode;
  /** What changes when there is a reason to try again, as the stage that is open. */
  readonly of?: string;
  /** Nothing stands in its place: what failed is no part that somebody looks at. */
  readonly quiet?: boolean;
  /** Said at the foot of the window: what failed would have stood over the page. */
  readonly foot?: boolean;
  /** Gives up what failed, where it was opened by a press. */
  readonly onClose?: (() => void) | undefined;
}

/** What failed: a part that did not come, or what its drawing said. */
const said = (e: unknown): string => {
  if (!(e instanceof Error)) return String(e);
  return e.name === 'ChunkLoadError' ? FAILED.notCome : e.message;
};

/** Keeps a failure while drawing to the part in which it happened. Stands in a line of text too, so that it has no blocks. */
export class Boundary extends Component<Props, { failed: string | null; of: string | undefined }> {
  override state = { failed: null, of: this.props.of };

  static getDerivedStateFromError(e: unknown): { failed: string } {
    return { failed: said(e) };
  }

  /** A failure belongs to what was open when it happened: it goes in the same drawing in which something else is opened. */
  static getDerivedStateFromProps(
    p: Props,
    s: { of: string | undefined },
  ): { failed: null; of: string | undefined } | null {
    return p.of === s.of ? null : { failed: null, of: p.of };
  }

  override render(): ReactNode {
    const { children, quiet, foot, onClose } = this.props;
    if (this.state.failed === null) return children;
    if (quiet) return null;
    return (
      <span role="alert" data-failed className={foot ? css.foot : css.here}>
        <strong>{FAILED.head}</strong>
        <span>{FAILED.kept}</span>
        <span className="dim">{this.state.failed}</span>
        <span className={css.acts}>
          <Act onClick={() => this.setState({ failed: null })}>{FAILED.again}</Act>
          {onClose && (
            <button type="button" className="quiet" onClick={onClose}>
              {FAILED.close}
            </button>
          )}
        </span>
      </span>
    );
  }
}
