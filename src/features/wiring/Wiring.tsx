'use client';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { tuned } from '@/core/engine/tuned';
import { solveWhole } from '@/core/engine/solve';
import { wiringPlan } from '@/core/engine/wiringPlan';
import { findingWords } from '@/core/words/findings';
import { WIRING_CAUTIONS, wiringLines } from '@/core/words/wiring';
import { wiringDrawing } from '@/formats/wiring/drawing';
import { drawingSvg } from '@/formats/wiring/svg';
import type { OpenRig } from '@/state/types';
import { LevelMark } from '@/ui/Level';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './wiring.module.css';
import { downloads, places } from '@/state/places';

/** The wiring of a rig on one sheet: drawing, list, cautions; to print, or as SVG and PDF. */
export function Wiring({ open }: { open: OpenRig }) {
  const { say } = useUnits();
  const { id, doc } = open.record;
  const { plan, reading } = useMemo(() => {
    const { evaluation, reading } = solveWhole(tuned(doc, open.tuning));
    return { plan: wiringPlan(evaluation), reading };
  }, [doc, open.tuning]);
  const stops = reading.findings.filter((f) => f.level === 'stop');
  const mains = plan.stops.includes('mains-direct');
  const name = doc.name || 'a rig without a name';
  const title = `Wiring of ${name}`;
  const lines = wiringLines(plan, say);
  const svg = mains ? null : drawingSvg(wiringDrawing(plan, say), title);
  const loop = lines.map((l) => `${l.part} ${l.size}`).join('; ');
  return (
    <div className="page">
      <div className={css.head}>
        <h1>{title}</h1>
        <div className={css.acts}>
          <Link href={places.rig(id, 'power')}>Back to the rig</Link>
          {svg && (
            <>
              <Button component="a" href={downloads.wiring(id, 'svg')} download>
                Drawing as SVG
              </Button>
              <Button component="a" href={downloads.wiring(id, 'pdf')} download>
                Sheet as PDF
              </Button>
              <Button variant="contained" onClick={() => window.print()}>
                Print
              </Button>
            </>
          )}
        </div>
      </div>
      {stops.length > 0 && (
        <section className={css.stops} aria-label="Do not build it as it stands">
          <h2>Do not build it as it stands</h2>
          {stops.map((f) => {
            const words = findingWords(f.code, f.values, say);
            return (
              <p key={f.code}>
                <LevelMark level="stop" /> <b>{words.head}.</b> {words.text}
              </p>
            );
          })}
        </section>
      )}
      {svg && (
        <img
          className={css.drawing}
          src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`}
          alt={`The loop: ${loop}`}
        />
      )}
      {!mains && (
        <div className={css.scroll} tabIndex={0} role="group" aria-label="Wiring list">
          <Table className={css.list}>
            <Heads of={['part', 'size', 'what to mind']} />
            <Body>
              {lines.map((l) => (
                <Row key={l.part}>
                  <Cell component="th" scope="row">
                    {l.part}
                  </Cell>
                  <Cell className="num">{l.size}</Cell>
                  <Cell>{l.mind}</Cell>
                </Row>
              ))}
            </Body>
          </Table>
        </div>
      )}
      <ul className={css.cautions}>
        {WIRING_CAUTIONS.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
    </div>
  );
}
