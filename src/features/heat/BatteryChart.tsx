'use client';
import { useMemo } from 'react';
import type { Rig } from '@/core/documents/rig';
import type { Session } from '@/core/engine/session';
import { unitFor } from '@/core/units/profile';
import { Plot } from '@/ui/chart/Plot';
import { useUnits } from '@/ui/Units';

/** Max feed through a session on one charge, against the feed that is wanted. */
export function BatteryChart({ session, rig }: { session: Session; rig: Rig }) {
  const { profile, say } = useUnits();
  const wanted = rig.cut.feedMmS;
  const chart = useMemo(() => {
    const feed = unitFor('feed', profile);
    const points = session.minutes
      .map((x, i) => ({ x, y: feed.fromBase(session.fastest[i]!) }))
      .filter((p) => Number.isFinite(p.y));
    const most = Math.max(...points.map((p) => p.y), wanted === null ? 0 : feed.fromBase(wanted));
    const end = session.minutes[session.minutes.length - 1]!;
    return {
      lines: [
        { name: 'max feed', colour: 'ink', width: 2.2, points },
        ...(wanted === null
          ? []
          : [
              {
                name: 'the rig’s feed',
                colour: 'act',
                width: 1.6,
                dash: [2, 3],
                points: [0, end].map((x) => ({ x, y: feed.fromBase(wanted) })),
              },
            ]),
      ],
      x: { title: 'minutes from now', min: 0, max: end },
      y: { title: `max feed, ${feed.symbol}`, min: 0, max: most * 1.1 || 1 },
    };
  }, [session, wanted, profile]);
  const whole = session.minutes[session.minutes.length - 1]!;
  const words =
    session.tooWeakAt === null
      ? `It lasts about ${say(whole, 'count')} minutes from now, and fades from ${say(session.fastest[0], 'feed')} to ${say(session.fastest[session.fastest.length - 1], 'feed')}.`
      : session.tooWeakAt === 0
        ? `It is too weak for ${say(wanted, 'feed')} already.`
        : `After about ${say(session.tooWeakAt, 'count')} minutes it no longer keeps up with ${say(wanted, 'feed')}; flat after ${say(whole, 'count')}.`;
  return (
    <>
      <p>
        <b>{words}</b> Straight in charge, from memory: a tired battery does worse.
      </p>
      <Plot lines={chart.lines} x={chart.x} y={chart.y} height={220} label={words} />
    </>
  );
}
