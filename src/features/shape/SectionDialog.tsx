'use client';
import type { Section } from '@/core/documents/plan';
import { inChords } from '@/formats/section/outline';
import { useSectionFile } from '@/state/useSectionFile';
import { OutlineChoice, SmallOutline } from '@/ui/OutlineChoice';
import { PickAgain } from '@/ui/PickFile';
import { TakeDialog } from '@/ui/TakeDialog';

/** A section from a file: coordinate text, DXF or SVG; one outline is chosen of several. */
export function SectionDialog(p: {
  end: 'root' | 'tip';
  onClose: () => void;
  onTake: (section: Section, chordMm: number | null) => void;
}) {
  const { name: fileName, gap, setGap, file, fault, chosen, choose, take } = useSectionFile();
  const outline = file?.kind === 'outlines' ? file.outlines[chosen] : null;
  const ready =
    file?.kind === 'section'
      ? { points: [...file.points], chordMm: null }
      : outline
        ? inChords(outline.points)
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
