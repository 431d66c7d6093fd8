'use client';
import type { LedPass } from '@/core/engine/call/led';
import type { PairPace } from '@/core/engine/call/pair';
import type { PlanView } from '@/core/engine/template/view';
import { useUnits } from '@/ui/Units';
import { Check } from '@/ui/Check';
import css from './call.module.css';
import { worstOf } from './led';

/** Whether a piece that was led by feel before is called at the pace it was led at, and what that does to the core. */
export function OwnPace(p: {
  view: PlanView;
  paced: PlanView;
  pace: PairPace;
  on: boolean;
  onTake: (on: boolean) => void;
  led: readonly LedPass[];
}) {
  const { say } = useUnits();
  const { runs, held, ways } = p.pace;
  const worst = p.on ? worstOf(p.led) : null;
  return (
    <div data-plain className={css.checks}>
      <Check
        name="call.ownPace"
        checked={p.on}
        onChange={p.onTake}
        label={
          <>
            Called at your own pace, station by station, as it was led{' '}
            {runs === 1 ? 'last time' : `the last ${runs} times`}: {say(p.paced.seconds, 'time')} where the plan
            takes {say(p.view.seconds, 'time')}
            {held > 0 && `; at ${held} of ${ways} ways it is held within the clean feeds`}
            {worst &&
              `. It changes the core most at station ${Math.round(worst.at)}: ${say(Math.abs(worst.off), 'slot')} ${worst.off > 0 ? 'proud of' : 'below'} what the planned pace gives`}
            .
          </>
        }
      />
    </div>
  );
}
