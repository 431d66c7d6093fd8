'use client';
import { useState } from 'react';
import type { OwnEdge } from '@/core/documents/ownEdge';
import { planeOfScale } from '@/core/engine/photo/scale';
import { edgeOfTrace } from '@/core/engine/template/own';
import type { Pt } from '@/core/numeric/polyline';
import { firstScale, PhotoBoard, type Picture } from '@/ui/board/PhotoBoard';
import { PickPicture, usePicture } from '@/ui/board/PickPicture';
import type { BoardPoint } from '@/ui/board/PointBoard';
import { Act } from '@/ui/Act';
import { Check } from '@/ui/Check';
import { EdgeDialog, type EdgeDialogProps } from './EdgeDialog';
import css from './own.module.css';
import { addedPoint } from './traced';

const LEAST_POINTS = 3;
const CHORD_NAMES = ['Leading edge', 'Trailing edge'] as const;
const round = (mm: number) => Number(mm.toFixed(3));

/** An edge traced from a photo: a scale in its plane, the chord line, and points along the edge that are set one by one. */
export function PhotoDialog(p: EdgeDialogProps) {
  const { picture, fault, take } = usePicture();
  const choose = (
    <>
      <p className="dim">
        Lay the template beside a square of known size, flat, and photograph both from well above. Nothing is
        found by itself: you set each point, and see the edge that they give beside the section.
      </p>
      <PickPicture name="Photo of a template" chosen={picture !== null} onFile={(f) => void take(f)} />
    </>
  );
  const title = `${p.name}: from a photo`;
  if (!picture)
    return (
      <EdgeDialog {...p} title={title} given={null} fault={fault}>
        {choose}
      </EdgeDialog>
    );
  return (
    <Tracing {...p} key={picture.url} title={title} picture={picture} fault={fault}>
      {choose}
    </Tracing>
  );
}

function Tracing(
  p: EdgeDialogProps & { title: string; picture: Picture; fault: string | null; children: React.ReactNode },
) {
  const { picture } = p;
  const [scale, setScale] = useState(() => firstScale(picture));
  const [chord, setChord] = useState<readonly [Pt, Pt]>(() => [
    [0.2 * picture.width, 0.6 * picture.height],
    [0.8 * picture.width, 0.6 * picture.height],
  ]);
  const [points, setPoints] = useState<readonly Pt[]>([]);
  const [otherFace, setOtherFace] = useState(false);
  const plane = planeOfScale(scale);
  const traced =
    plane && points.length >= LEAST_POINTS
      ? edgeOfTrace(points.map(plane), [plane(chord[0]), plane(chord[1])], otherFace)
      : null;
  const given: OwnEdge | null = traced && {
    kind: 'points',
    points: traced.map(([x, y]) => [round(x), round(y)]),
  };
  const board: BoardPoint[] = [
    ...chord.map((at, i): BoardPoint => ({ key: `chord:${i}`, name: CHORD_NAMES[i]!, at, look: 'line' })),
    ...points.map((at, i): BoardPoint => ({ key: `edge:${i}`, name: String(i + 1), at, look: 'edge' })),
  ];
  const indexOf = (key: string) => Number(key.split(':')[1]);
  const move = (key: string, at: Pt) => {
    const put = (list: readonly Pt[]) => list.map((old, k) => (k === indexOf(key) ? at : old));
    if (key.startsWith('chord')) setChord(([a, b]) => (indexOf(key) === 0 ? [at, b] : [a, at]));
    else setPoints(put);
  };
  return (
    <EdgeDialog
      {...p}
      given={given}
      fault={
        p.fault ??
        (plane ? null : 'These marks give no scale: three of them lie on one line, or two in one place.')
      }
    >
      {p.children}
      <PhotoBoard
        picture={picture}
        scale={scale}
        onScale={setScale}
        points={board}
        onMove={move}
        onPlace={(at) => setPoints((list) => [...list, at])}
        onDelete={(key) =>
          key.startsWith('edge') && setPoints((list) => list.filter((_, i) => i !== indexOf(key)))
        }
      />
      <div className={css.row}>
        <Act onClick={() => setPoints((list) => [...list, addedPoint(list, chord)])}>Add a point</Act>
        <span className="dim">
          {points.length} of at least {LEAST_POINTS} points, from the leading edge on. A press on the picture
          adds one; arrow keys move the one chosen, Delete takes it away.
        </span>
        <Check label="Seen from its other face" checked={otherFace} onChange={setOtherFace} />
      </div>
    </EdgeDialog>
  );
}
