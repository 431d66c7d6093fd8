'use client';
import { useState, type ReactNode } from 'react';
import type { Pt } from '@/core/numeric/polyline';
import { Act } from '@/ui/Act';
import { firstScale, PhotoBoard, type Picture } from '@/ui/board/PhotoBoard';
import type { BoardPoint } from '@/ui/board/PointBoard';
import { PickPicture, usePicture } from '@/ui/board/PickPicture';
import { TakeDialog } from '@/ui/TakeDialog';
import { useUnits } from '@/ui/Units';
import { faceNote, sizesOfFace, type FaceMarks, type FaceSizes } from './facePhoto';
import css from './logbook.module.css';

const TITLE = 'A cut face on a photo';
const NONE: FaceMarks = { kerf: null, hollow: null, ridges: [] };
const NAMES = {
  kerf: ['Kerf, one side', 'Kerf, other side'],
  hollow: ['One edge', 'Middle', 'Other edge'],
} as const;

interface Taken {
  readonly onClose: () => void;
  readonly onTake: (note: string, sizes: FaceSizes) => void;
}

/** A cut face measured on a photo: kerf, hollow of the middle, ridges. It goes into the note with its range. */
export function FacePhoto(p: Taken) {
  const { picture, fault, take } = usePicture();
  const choose = (
    <>
      <p className="dim">
        Lay something of known size on the face, in its plane. A photo is no gauge: what is read off it is kept
        with its range, and a kerf that was gauged stays.
      </p>
      <PickPicture name="Photo of a cut face" chosen={picture !== null} onFile={(f) => void take(f)} />
    </>
  );
  if (picture)
    return (
      <Measuring key={picture.url} picture={picture} fault={fault} {...p}>
        {choose}
      </Measuring>
    );
  return (
    <TakeDialog title={TITLE} fault={fault} ready={false} wide onTake={p.onClose} onClose={p.onClose}>
      {choose}
    </TakeDialog>
  );
}

function Measuring(p: Taken & { picture: Picture; fault: string | null; children: ReactNode }) {
  const { say } = useUnits();
  const { width: w, height: h } = p.picture;
  const [scale, setScale] = useState(() => firstScale(p.picture));
  const [marks, setMarks] = useState<FaceMarks>(NONE);
  const sizes = sizesOfFace(scale, marks);
  const note = faceNote(sizes, say);
  const points: BoardPoint[] = [
    ...(['kerf', 'hollow'] as const).flatMap((k) =>
      (marks[k] ?? []).map((at, i): BoardPoint => ({ key: `${k}:${i}`, name: NAMES[k][i]!, at, look: 'line' })),
    ),
    ...marks.ridges.map((at, i): BoardPoint => ({
      key: `ridges:${i}`,
      name: `Ridge ${i + 1}`,
      at,
      look: 'edge',
    })),
  ];
  const move = (key: string, at: Pt) => {
    const [k, i] = [key.split(':')[0] as keyof FaceMarks, Number(key.split(':')[1])];
    setMarks((m) => ({ ...m, [k]: (m[k] ?? []).map((old, n) => (n === i ? at : old)) }));
  };
  const at = (x: number, y: number): Pt => [x * w, y * h];
  const kerfAt: [Pt, Pt] = [at(0.5, 0.45), at(0.5, 0.55)];
  const hollowAt: [Pt, Pt, Pt] = [at(0.2, 0.7), at(0.5, 0.72), at(0.8, 0.7)];
  return (
    <TakeDialog
      title={TITLE}
      fault={p.fault}
      ready={note !== null}
      wide
      onTake={() => note && (p.onTake(note, sizes), p.onClose())}
      onClose={p.onClose}
    >
      {p.children}
      <PhotoBoard
        picture={p.picture}
        scale={scale}
        onScale={setScale}
        points={points}
        onMove={move}
        onDelete={(key) =>
          key.startsWith('ridges') &&
          setMarks((m) => ({ ...m, ridges: m.ridges.filter((_, i) => `ridges:${i}` !== key) }))
        }
      />
      <p className={css.marks}>
        <Act
          pressed={marks.kerf !== null}
          onClick={() => setMarks((m) => ({ ...m, kerf: m.kerf ? null : kerfAt }))}
        >
          Kerf
        </Act>
        <Act
          pressed={marks.hollow !== null}
          onClick={() => setMarks((m) => ({ ...m, hollow: m.hollow ? null : hollowAt }))}
        >
          Hollow of the middle
        </Act>
        <Act
          onClick={() =>
            setMarks((m) => ({ ...m, ridges: [...m.ridges, at(0.3 + 0.05 * (m.ridges.length % 10), 0.85)] }))
          }
        >
          Add a ridge
        </Act>
      </p>
      <p role="status">{note ?? 'Choose what is measured; set each mark by pointer or arrow keys.'}</p>
    </TakeDialog>
  );
}
