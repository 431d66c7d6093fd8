'use client';
import { useMemo, useState } from 'react';
import type { OwnEdge } from '@/core/documents/ownEdge';
import { edgeOfOutline, firstMarks, likelyOutline } from '@/core/engine/template/own';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import { useSectionFile } from '@/state/useSectionFile';
import { PointBoard, type BoardPoint } from '@/ui/board/PointBoard';
import { Check } from '@/ui/Check';
import { OutlineChoice } from '@/ui/OutlineChoice';
import { PickAgain } from '@/ui/PickFile';
import { EdgeDialog, type EdgeDialogProps } from './EdgeDialog';
import css from './own.module.css';

const NAMES = { nose: 'Leading edge', tail: 'Trailing edge', from: 'Edge from', to: 'Edge to' } as const;
type MarkKey = keyof typeof NAMES;
type Marks = Readonly<Record<MarkKey, Pt>>;
const MARGIN_MM = 12;
const round = (mm: number) => Number(mm.toFixed(4));

/** An edge out of a drawing of a whole template: its outline, where the edge begins and ends on it, and its chord line. */
export function DrawingDialog(p: EdgeDialogProps) {
  const { name, gap, setGap, file, fault, chosen, choose, take } = useSectionFile((f) =>
    likelyOutline(f.outlines, f.lines, p.chordMm),
  );
  const outline = file?.kind === 'outlines' ? (file.outlines[chosen] ?? null) : null;
  const [moved, setMoved] = useState<{ of: unknown; marks: Partial<Marks> }>({ of: null, marks: {} });
  const [otherWay, setOtherWay] = useState(false);
  const [otherFace, setOtherFace] = useState(false);
  const first = useMemo(
    () => outline && file?.kind === 'outlines' && firstMarks(outline.points, file.lines, p.chordMm),
    [outline, file, p.chordMm],
  );
  const marks = first && { ...first, ...(moved.of === outline ? moved.marks : {}) };
  const edge = outline && marks ? edgeOfOutline(outline.points, marks, { otherWay, otherFace }) : null;
  const given: OwnEdge | null = edge && { kind: 'line', points: edge.map(([x, y]) => [round(x), round(y)]) };
  return (
    <EdgeDialog
      {...p}
      title={`${p.name}: from a drawing`}
      given={given}
      fault={
        fault ?? (file?.kind === 'section' ? 'This file holds coordinates, not a drawing with a size.' : null)
      }
    >
      <p className="dim">
        An SVG or DXF drawing of the template at its own size. Set leading and trailing edge where its chord
        line is marked, and where on the outline its edge begins and ends.
      </p>
      <PickAgain
        name="Drawing of a template"
        what="file"
        chosen={name !== null}
        accept=".dxf,.svg"
        onFile={(f) => void take(f)}
      />
      {file?.kind === 'outlines' && (
        <OutlineChoice {...file} chosen={chosen} onChoose={choose} gap={gap} onGap={setGap} />
      )}
      {outline && marks && (
        <>
          <Board
            points={outline.points}
            marks={marks}
            onMove={(key, at) =>
              setMoved((m) => ({ of: outline, marks: { ...(m.of === outline ? m.marks : {}), [key]: at } }))
            }
          />
          <div className={css.row}>
            <Check label="The edge goes the other way round" checked={otherWay} onChange={setOtherWay} />
            <Check label="Drawn from its other face" checked={otherFace} onChange={setOtherFace} />
          </div>
        </>
      )}
    </EdgeDialog>
  );
}

function Board({
  points,
  marks,
  onMove,
}: {
  points: readonly Pt[];
  marks: Marks;
  onMove: (key: MarkKey, at: Pt) => void;
}) {
  const b = boxOf([...points, ...Object.values(marks)]);
  const box = {
    x: b.x0 - MARGIN_MM,
    y: -b.y1 - MARGIN_MM,
    width: b.x1 - b.x0 + 2 * MARGIN_MM,
    height: b.y1 - b.y0 + 2 * MARGIN_MM,
  };
  const keys = Object.keys(NAMES) as MarkKey[];
  const handles = keys.map((key): BoardPoint => {
    const [x, y] = marks[key];
    return { key, name: NAMES[key], at: [x, -y], look: key === 'nose' || key === 'tail' ? 'line' : 'edge' };
  });
  return (
    <PointBoard
      label="The template as drawn"
      box={box}
      points={handles}
      step={0.1}
      onMove={(key, [x, y]) => onMove(key as MarkKey, [x, -y])}
    >
      <path
        className={css.outline}
        vectorEffect="non-scaling-stroke"
        d={`M${points.map(([x, y]) => `${x} ${-y}`).join('L')}Z`}
      />
    </PointBoard>
  );
}
