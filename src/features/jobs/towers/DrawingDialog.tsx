'use client';
import { JoinGaps, SmallOutline } from '@/ui/OutlineChoice';
import { useUnits } from '@/ui/Units';
import { FromDrawing } from '../FromDrawing';
import css from '../jobs.module.css';
import { boxOfLoops, taken } from './place';

/** So many outlines are drawn small, to know the drawing by. */
const SHOWN = 8;

/** All closed outlines of a drawing as parts, in their own size and lie. */
export function DrawingDialog(p: {
  at: number;
  onClose: () => void;
  onTake: (loops: [number, number][][]) => string | null;
}) {
  const { say } = useUnits();
  return (
    <FromDrawing<[number, number][][]>
      title="Parts from a drawing"
      says="An SVG or DXF drawing at its own size: every closed outline of it is taken as it lies; one inside another is its hole. The kerf is allowed for afterwards."
      stays="The parts stay as they were."
      want={({ outlines }) => taken(outlines, p.at)}
      onTake={p.onTake}
      onClose={p.onClose}
    >
      {({ outlines, units, dropped, gap, setGap }, wanted) => {
        const box = wanted && 'take' in wanted ? boxOfLoops(wanted.take) : null;
        return (
          <>
            <p>
              {outlines.length} outlines
              {box && `, ${say(box.x1 - box.x0, 'foamSize')} × ${say(box.y1 - box.y0, 'foamSize')}`}. Units:{' '}
              {units}. {dropped.length > 0 ? `Left out: ${dropped.join(', ')}.` : 'Nothing was left out.'}
            </p>
            <JoinGaps gap={gap} onGap={setGap} />
            <div className={css.acts}>
              {outlines.slice(0, SHOWN).map((o) => (
                <SmallOutline key={o.name} points={o.points} />
              ))}
            </div>
          </>
        );
      }}
    </FromDrawing>
  );
}
