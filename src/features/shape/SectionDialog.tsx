'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useEffect, useRef, useState } from 'react';
import type { Section } from '@/core/documents/plan';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import { inChords } from '@/formats/section/outline';
import type { SectionFile } from '@/formats/section/readSection';
import { readSectionFile } from '@/state/readSectionFile';
import { PickFile } from '@/ui/PickFile';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { pathOf } from './EndsDrawing';
import css from './dialog.module.css';

/** A section from a file: coordinate text, DXF or SVG; one outline is chosen of several. */
export function SectionDialog(p: {
  end: 'root' | 'tip';
  onClose: () => void;
  onTake: (section: Section, chordMm: number | null) => void;
}) {
  const { say } = useUnits();
  const [text, setText] = useState<{ name: string; text: string } | null>(null);
  const [gap, setGap] = useState(0.2);
  const [file, setFile] = useState<SectionFile | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [chosen, choose] = useState(0);
  const asked = useRef(0);
  useEffect(() => {
    if (!text) return;
    const mine = ++asked.current;
    void readSectionFile({ text: text.text, toleranceMm: gap }).then((a) => {
      if (mine !== asked.current) return;
      setFile(a.ok ? a.file : null);
      setFault(a.ok ? null : `${text.name} ${a.fault}.`);
      choose(0);
    });
  }, [text, gap]);
  const take = async (f: File) => {
    if (f.size > 4 * 1024 * 1024) return setFault(`${f.name} is larger than 4 MB.`);
    setText({ name: f.name, text: await f.text() });
  };
  const outline = file?.kind === 'outlines' ? file.outlines[chosen] : null;
  const ready =
    file?.kind === 'section'
      ? { points: [...file.points], chordMm: null }
      : outline
        ? inChords(outline.points)
        : null;
  const name = (file?.kind === 'section' && file.name) || text?.name || 'from a file';
  return (
    <Dialog open onClose={p.onClose} aria-labelledby="section-title" fullWidth maxWidth="sm">
      <DialogTitle id="section-title">The {p.end}’s section from a file</DialogTitle>
      <DialogContent>
        <div className={css.body}>
          <p className="dim">
            Coordinates as plain text, in either order; a DXF or an SVG drawing. Nothing in a file is run, and
            nothing is taken until you say so.
          </p>
          <p>
            <PickFile
              name="Section file"
              words={text ? 'Another file' : 'Choose a file'}
              variant={text ? 'outlined' : 'contained'}
              accept=".dat,.txt,.csv,.dxf,.svg"
              onFile={(f) => void take(f)}
            />
          </p>
          {fault && (
            <p role="alert" className={css.fault}>
              {fault} The section stays as it was.
            </p>
          )}
          {file?.kind === 'outlines' && (
            <>
              <p>
                Units: {file.units}.{' '}
                {file.dropped.length > 0 ? `Left out: ${file.dropped.join(', ')}.` : 'Nothing was left out.'}
              </p>
              <QuantityField
                label="Join gaps up to"
                name="section.gap"
                role="slot"
                value={gap}
                onValue={(v) =>
                  v !== null && v >= 0 && v <= 20 ? (setGap(v), null) : `must be 0 to ${say(20, 'slot')}`
                }
              />
              <div className={css.choices} role="radiogroup" aria-label="Outline">
                {file.outlines.slice(0, 12).map((o, i) => (
                  <button
                    key={i}
                    type="button"
                    role="radio"
                    aria-checked={i === chosen}
                    onClick={() => choose(i)}
                  >
                    <Small points={o.points} />
                    <span className="num">
                      {say(boxOf(o.points).x1 - boxOf(o.points).x0, 'foamSize')} ×{' '}
                      {say(boxOf(o.points).y1 - boxOf(o.points).y0, 'foamSize')}
                    </span>
                  </button>
                ))}
              </div>
            </>
          )}
          {file?.kind === 'section' && (
            <>
              <p>
                {file.points.length} points, order: {file.order}.
              </p>
              <Small points={file.points} wide />
            </>
          )}
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={p.onClose}>Leave it</Button>
        <Button
          variant="contained"
          disabled={!ready}
          onClick={() =>
            ready &&
            p.onTake(
              {
                kind: 'points',
                name: name.slice(0, 200),
                points: ready.points.map(([x, y]): [number, number] => [x, y]),
              },
              ready.chordMm,
            )
          }
        >
          Take it
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Small({ points, wide = false }: { points: readonly Pt[]; wide?: boolean }) {
  const w = wide ? 480 : 120;
  const h = wide ? 120 : 60;
  const b = boxOf(points);
  const s = Math.min((w - 8) / (b.x1 - b.x0 || 1), (h - 8) / (b.y1 - b.y0 || 1));
  return (
    <svg viewBox={`0 0 ${w} ${h}`} aria-hidden="true" className={css.small}>
      <path
        d={pathOf(
          points,
          (v) => 4 + (v - b.x0) * s,
          (v) => h / 2 - (v - (b.y0 + b.y1) / 2) * s,
        )}
      />
    </svg>
  );
}
