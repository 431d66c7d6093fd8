'use client';
import { useMemo } from 'react';
import type { LoggedCut } from '@/core/documents/log';
import { setUp } from '@/core/engine/setup';
import { storedOf } from '@/core/engine/cutFeed';
import { useDerived } from '@/state/RigContext';
import { useUnits } from '@/ui/Units';
import css from './try.module.css';

/** What of a timing from the touch is the wire's stored heat, and the steady feed that is left. */
export function Stored(
  p: Pick<LoggedCut, 'depthMm' | 'seconds' | 'timedFrom' | 'limit'> & { setting: number | null },
) {
  const { rig } = useDerived();
  const { say } = useUnits();
  const { depthMm, seconds, timedFrom, limit, setting } = p;
  const stored = useMemo(() => {
    if (!limit || timedFrom !== 'touch' || !depthMm || !seconds) return null;
    const control = rig.control.kind === 'none' ? rig.control : { ...rig.control, setting };
    const s = storedOf(setUp({ ...rig, control }));
    return Number.isFinite(s) && s > 0 ? s : null;
  }, [rig, setting, limit, timedFrom, depthMm, seconds]);
  if (stored === null || !depthMm || !seconds) return null;
  return (
    <p className={css.stored}>
      Timed from the touch: {say(depthMm, 'depth')} in {say(seconds, 'time')} is{' '}
      {say(depthMm / seconds, 'feed')}. The hot wire brought along what cuts for {say(stored, 'time')} more, so
      the steady feed counted is <b className="num">{say(depthMm / (seconds + stored), 'feed')}</b>.
    </p>
  );
}
