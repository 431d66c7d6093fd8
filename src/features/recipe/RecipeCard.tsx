'use client';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { driftOf } from '@/core/engine/drift';
import { recipeOf } from '@/core/engine/recipe';
import { tuned } from '@/core/engine/tuned';
import { findingWords } from '@/core/words/findings';
import { RECIPE_CAUTION, recipeLines } from '@/core/words/recipe';
import { driftWords } from '@/core/words/drift';
import type { OpenRig, Stock, WireState } from '@/state/types';
import { LevelMark } from '@/ui/Level';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { CarryOver } from './CarryOver';
import css from './recipe.module.css';
import { downloads, places } from '@/state/places';

/** The recipe of a foam on a rig: what is set and led by, with its spread; for the wall and for the phone. */
export function RecipeCard({ open, stock, wire }: { open: OpenRig; stock: Stock; wire: WireState }) {
  const { say, profile } = useUnits();
  const { id } = open.record;
  const rig = useMemo(() => tuned(open.record.doc, open.tuning), [open]);
  const recipe = useMemo(() => recipeOf(rig, open.tuning), [rig, open.tuning]);
  const drifts = useMemo(
    () =>
      driftOf(
        open.record.doc,
        open.cuts,
        wire.hungAt === null ? null : Date.parse(wire.hungAt),
        Date.parse(wire.now),
      ),
    [open, wire],
  );
  const lines = recipeLines(rig, recipe, say, profile !== 'metric');
  return (
    <div className="page">
      <div className={css.head}>
        <h1>Recipe: {rig.name || 'a rig without a name'}</h1>
        <Link href={places.rig(id, 'try')}>Back to the rig</Link>
      </div>
      {recipe.stops.map((f) => (
        <p key={f.code} role="alert" className={css.stop}>
          <LevelMark level="stop" /> Do not use it as it stands: {findingWords(f.code, f.values, say).head}.
        </p>
      ))}
      {drifts.length > 0 && (
        <ul className={css.drift} aria-label="What has drifted">
          {drifts.map((d) => (
            <li key={d.code}>
              <LevelMark level="fix" size={13} /> {driftWords(d, say)}
            </li>
          ))}
        </ul>
      )}
      <div className={css.two}>
        <div>
          <dl className={css.card}>
            {lines.map((l) => (
              <div key={l.what}>
                <dt>{l.what}</dt>
                <dd>
                  <b className="num">{l.value}</b>
                  <span>{l.mind}</span>
                </dd>
              </div>
            ))}
          </dl>
          <p className="dim">{RECIPE_CAUTION} It is no promise that the rig is safe.</p>
          <p>
            <Button component="a" href={downloads.recipe(id)} download variant="contained">
              Card as PDF, A6
            </Button>
          </p>
        </div>
        <CarryOver open={open} stock={stock} />
      </div>
    </div>
  );
}
