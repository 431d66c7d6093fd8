'use client';
import { OutlineChoice } from '@/ui/OutlineChoice';
import { FromDrawing } from './FromDrawing';

const MOST_POINTS = 5000;
const round = (mm: number) => Number(mm.toFixed(3));

/** An outline of a hole or a piece from a drawing, in its own size. */
export function OutlineDialog(p: {
  onClose: () => void;
  onTake: (outline: [number, number][]) => string | null;
}) {
  return (
    <FromDrawing<[number, number][]>
      {...p}
      title="An outline from a drawing"
      says="An SVG or DXF drawing at its own size: one closed outline of it is the edge that is wanted; the kerf is allowed for afterwards."
      stays="The outline stays as it was."
      want={({ outlines, chosen }) => {
        const points = outlines[chosen]?.points;
        if (!points) return null;
        return points.length > MOST_POINTS
          ? { rule: `It has ${points.length} points; up to ${MOST_POINTS} are taken.` }
          : { take: points.map(([x, y]): [number, number] => [round(x), round(y)]) };
      }}
    >
      {({ choose, setGap, ...drawn }) => <OutlineChoice {...drawn} onChoose={choose} onGap={setGap} />}
    </FromDrawing>
  );
}
