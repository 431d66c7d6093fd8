'use client';
import type { Section } from '@/core/documents/section';
import type { Pt } from '@/core/numeric/polyline';
import { OutlineChoice, SmallOutline } from './OutlineChoice';
import { PickAgain } from './PickFile';
import { TakeDialog } from './TakeDialog';

interface Outlines {
  readonly kind: 'outlines';
  readonly units: string;
  readonly dropped: readonly string[];
  readonly outlines: readonly { readonly points: readonly Pt[] }[];
}
interface OneSection {
  readonly kind: 'section';
  readonly name: string | null;
  readonly order: string;
  readonly points: readonly Pt[];
}
/** A file with an outline as it was read, and how to read another. */
export interface ReadOutlines {
  readonly name: string | null;
  readonly gap: number;
  readonly setGap: (mm: number) => void;
  readonly file: Outlines | OneSection | null;
  readonly fault: string | null;
  readonly chosen: number;
  readonly choose: (index: number) => void;
  readonly take: (f: File) => Promise<void>;
}

/** A section from a file: coordinate text, DXF or SVG; one outline is chosen of several. `inChords`: an outline as points in its own chord. */
export function SectionTake(p: {
  end: 'root' | 'tip';
  read: ReadOutlines;
  inChords: (points: readonly Pt[]) => { readonly points: readonly Pt[]; readonly chordMm: number } | null;
  onClose: () => void;
  onTake: (section: Section, chordMm: number | null) => void;
}) {
  const { name: fileName, gap, setGap, file, fault, chosen, choose, take } = p.read;
  const outline = file?.kind === 'outlines' ? file.outlines[chosen] : null;
  const ready =
    file?.kind === 'section'
      ? { points: [...file.points], chordMm: null }
      : outline
        ? p.inChords(outline.points)
        : null;
  const name = (file?.kind === 'section' && file.name) || fileName || 'from a file';
  const keep = () =>
    ready &&
    p.onTake(
      {
        kind: 'points',
        name: name.slice(0, 200),
        points: ready.points.map(([x, y]): [number, number] => [x, y]),
      },
      ready.chordMm,
    );
  return (
    <TakeDialog
      title={`The ${p.end}’s section from a file`}
      fault={fault && `${fault} The section stays as it was.`}
      ready={ready !== null}
      onTake={keep}
      onClose={p.onClose}
    >
      <p className="dim">
        Coordinates as plain text, in either order; a DXF or an SVG drawing. Nothing in a file is run, and
        nothing is taken until you say so.
      </p>
      <PickAgain
        name="Section file"
        what="file"
        chosen={fileName !== null}
        accept=".dat,.txt,.csv,.dxf,.svg"
        onFile={(f) => void take(f)}
      />
      {file?.kind === 'outlines' && (
        <OutlineChoice {...file} chosen={chosen} onChoose={choose} gap={gap} onGap={setGap} />
      )}
      {file?.kind === 'section' && (
        <>
          <p>
            {file.points.length} points, order: {file.order}.
          </p>
          <SmallOutline points={file.points} wide />
        </>
      )}
    </TakeDialog>
  );
}
