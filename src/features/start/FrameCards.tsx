import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import { FRAME_KINDS, type FrameKind } from '@/core/documents/rig';
import { evaluate } from '@/core/engine/evaluate';
import type { Evaluation } from '@/core/engine/evaluation';
import { WirePicture } from '@/ui/wire/WirePicture';
import css from './start.module.css';
import { FRAME_CARDS, PLAIN } from './words';

/** A sketch of each cutter, cold. */
const SKETCH = Object.fromEntries(
  FRAME_KINDS.map((kind) => [
    kind,
    evaluate({ ...PLAIN, frame: { ...PLAIN.frame, kind }, control: { ...PLAIN.control, setting: 0 } }),
  ]),
) as Record<FrameKind, Evaluation>;

/** Which cutter it is to be, each with its sketch. */
export function FrameCards(p: { frame: FrameKind; onChoose: (frame: FrameKind) => void }) {
  return (
    <fieldset className={css.frames}>
      <legend>1 · Which cutter?</legend>
      {FRAME_KINDS.map((k) => (
        <FormControlLabel
          key={k}
          data-on={p.frame === k}
          control={<Radio name="frame" checked={p.frame === k} onChange={() => p.onChoose(k)} />}
          label={
            <>
              <WirePicture e={SKETCH[k]} width={150} height={58} label="" />
              <b>{FRAME_CARDS[k].short}</b>
              <span>{FRAME_CARDS[k].help}</span>
            </>
          }
        />
      ))}
    </fieldset>
  );
}
