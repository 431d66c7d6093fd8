'use client';
import type { PictureScale } from '@/core/engine/photo/scale';
import type { Pt } from '@/core/numeric/polyline';
import { Choice } from '../Choice';
import { QuantityField } from '../QuantityField';
import { useUnits } from '../Units';
import { PointBoard, type BoardPoint } from './PointBoard';

/** A picture that is measured, as the browser shows it. */
export interface Picture {
  readonly name: string;
  readonly url: string;
  readonly width: number;
  readonly height: number;
}

const SCALE_NAMES = { square: 'four corners of a square', length: 'two points, taken square on' } as const;
/** Marks of the scale are told from other points by this. */
const SCALE = 'scale:';
const CORNERS = ['Top left', 'Top right', 'Bottom right', 'Bottom left'];
const LEAST_MM = 1;
const MOST_MM = 5000;

/** A scale to begin with: marks spread over the picture, to be moved onto what they stand for. */
export function firstScale({ width: w, height: h }: Picture): PictureScale {
  const at = (x: number, y: number): Pt => [x * w, y * h];
  return {
    by: 'square',
    mm: 100,
    corners: [at(0.1, 0.1), at(0.3, 0.1), at(0.3, 0.3), at(0.1, 0.3)],
    ends: [at(0.1, 0.9), at(0.4, 0.9)],
  };
}

/** A picture with its scale and further points to be set on it, by pointer or keys, one pixel of the picture a press. */
export function PhotoBoard(p: {
  picture: Picture;
  scale: PictureScale;
  onScale: (scale: PictureScale) => void;
  points: readonly BoardPoint[];
  onMove: (key: string, at: Pt) => void;
  onPlace?: (at: Pt) => void;
  onDelete?: (key: string) => void;
}) {
  const { say } = useUnits();
  const { scale, picture } = p;
  const marks: BoardPoint[] = (scale.by === 'square' ? scale.corners : scale.ends).map((at, i) => ({
    key: `${SCALE}${i}`,
    name: scale.by === 'square' ? CORNERS[i]! : `Length ${i + 1}`,
    at,
    look: 'scale',
  }));
  const move = (key: string, at: Pt) => {
    if (!key.startsWith(SCALE)) return p.onMove(key, at);
    const i = Number(key.slice(SCALE.length));
    const put = (list: readonly Pt[]) => list.map((old, k) => (k === i ? at : old));
    p.onScale(
      scale.by === 'square'
        ? { ...scale, corners: put(scale.corners) }
        : { ...scale, ends: put(scale.ends) as unknown as [Pt, Pt] },
    );
  };
  return (
    <>
      <Choice
        label="Scale by"
        name="photo.scale"
        value={scale.by}
        options={(['square', 'length'] as const).map((value) => ({ value, name: SCALE_NAMES[value] }))}
        onChoose={(by) => p.onScale({ ...scale, by })}
        note={
          scale.by === 'square'
            ? 'It lies in the plane of what is measured: slant and distance are taken out.'
            : 'Nothing takes the slant out: hold the camera square on, and far off.'
        }
      />
      <QuantityField
        label={scale.by === 'square' ? 'Side of the square' : 'Length between them'}
        name="photo.mm"
        role="foamSize"
        value={scale.mm}
        onValue={(mm) =>
          mm !== null && mm >= LEAST_MM && mm <= MOST_MM
            ? (p.onScale({ ...scale, mm }), null)
            : `must be ${say(LEAST_MM, 'foamSize')} to ${say(MOST_MM, 'foamSize')}`
        }
      />
      <PointBoard
        label={`${picture.name}, to be measured`}
        box={{ x: 0, y: 0, width: picture.width, height: picture.height }}
        points={[...marks, ...p.points]}
        step={1}
        onMove={move}
        {...(p.onPlace ? { onPlace: p.onPlace } : {})}
        {...(p.onDelete ? { onDelete: (key: string) => !key.startsWith(SCALE) && p.onDelete!(key) } : {})}
      >
        <image href={picture.url} width={picture.width} height={picture.height} />
      </PointBoard>
    </>
  );
}
