'use client';
import { useState } from 'react';
import { rangeText, show } from '@/core/units/format';
import type { WhyTopic } from '@/core/words/whyTopics';
import { useDerived } from '@/state/RigContext';
import { Fact } from '@/ui/Fact';
import { Term } from '@/ui/Term';
import { useUnits } from '@/ui/Units';
import { WhyDialog } from '@/ui/LazyWhy';
import { small } from './small';
import type { OwnStage } from './stageList';

/** What follows from a stage's decision, each number with its range and its why. */
export function Facts({ stage }: { stage: OwnStage }) {
  const { reading, evaluation } = useDerived();
  const { say, profile } = useUnits();
  const [shown, setShown] = useState<WhyTopic | null>(null);
  const ask = (topic: WhyTopic) => () => setShown(topic);
  const c = reading.cutting;
  const feeds = reading.spread?.fastestFeedMmS;
  const slow = c?.slowestFeedMmS;
  const fastest = () => (
    <Fact
      key="f"
      name={<Term k="fastest">Max feed</Term>}
      value={c?.fastestFeedMmS ? say(c.fastestFeedMmS, 'feed') : 'none'}
      range={feeds ? rangeText(feeds, 'feed', profile) : null}
      onWhy={ask('fastest')}
      whyName="max feed"
    />
  );
  const slowest = () => (
    <Fact
      key="s"
      name={<Term k="slowest">Min clean feed</Term>}
      value={slow ? say(slow, 'feed') : 'none'}
      onWhy={ask('slowest')}
      whyName="min clean feed"
    />
  );
  const hand = () => (
    <Fact
      key="h"
      name={<Term k="inHand">Margin</Term>}
      value={c?.reserve != null ? say(1 - c.reserve, 'share') : '–'}
      onWhy={ask('reserve')}
      whyName="margin"
    />
  );
  const kerf = () => (
    <Fact
      key="k"
      name={<Term k="kerf">Kerf</Term>}
      value={c?.kerfMm != null ? say(c.kerfMm, 'slot') : '–'}
      range={reading.spread?.kerfMm ? rangeText(reading.spread.kerfMm, 'slot', profile) : null}
      onWhy={ask('kerf')}
      whyName="slot"
    />
  );
  // A plain meter averages pulses: √D of what truly heats.
  const duty = evaluation.s.drive.kind === 'pwm' ? (evaluation.s.drive.setting ?? 1) : 1;
  const averaged =
    c?.amps != null && duty < 1 ? `${say(c.amps * Math.sqrt(duty), 'amps')} if it averages` : null;
  const amps = () => (
    <Fact
      key="a"
      name="The meter should read"
      value={c?.amps != null ? say(c.amps, 'amps') : '–'}
      range={averaged ?? (reading.spread?.amps ? rangeText(reading.spread.amps, 'amps', profile) : null)}
      onWhy={ask('amps')}
      whyName="amps"
    />
  );
  const load = () => (
    <Fact
      key="l"
      name={<Term k="load">Load on the supply</Term>}
      value={reading.supply.load !== null ? say(reading.supply.load, 'share') : 'not known'}
      onWhy={ask('load')}
      whyName="load"
    />
  );
  const least = () => (
    <Fact
      key="m"
      name="Min wire resistance for this supply"
      value={reading.supply.leastOhm !== null ? say(reading.supply.leastOhm, 'ohms') : 'not known'}
      range={`has ${say(reading.cold.wireOhm, 'ohms')}`}
      onWhy={ask('load')}
      whyName="min wire resistance"
    />
  );
  const air = () => (
    <Fact
      key="t"
      name="Wire in air"
      value={reading.idle?.wireC != null ? say(reading.idle.wireC, 'temperature') : '–'}
      onWhy={ask('air')}
      whyName="temperature in air"
    />
  );
  const room = () => (
    <Fact
      key="r"
      name="Length this width wants"
      value={evaluation.wantedLength !== null ? say(evaluation.wantedLength * 1000, 'wireLength') : '–'}
      onWhy={ask('room')}
      whyName="length wanted"
    />
  );
  const drag = () => (
    <Fact
      key="d"
      name={<Term k="drag">Drag on each metre</Term>}
      value={c?.dragNPerM != null ? say(c.dragNPerM, 'drag') : '–'}
      onWhy={ask('drag')}
      whyName="drag"
    />
  );
  const heat = () => (
    <Fact
      key="w"
      name="Heat of the wire"
      value={reading.idle?.wattsPerM != null ? say(reading.idle.wattsPerM, 'heatPerLength') : '–'}
      onWhy={ask('air')}
      whyName="heat"
    />
  );
  const settle = () => (
    <Fact
      key="z"
      name={<Term k="settle">Settles in the foam after</Term>}
      value={reading.time?.settleMm != null ? say(reading.time.settleMm, 'depth') : '–'}
    />
  );
  const minutes = reading.battery?.minutes;
  const battery = () => (
    <Fact
      key="b"
      name="The battery lasts about"
      value={minutes != null ? `${say(minutes, 'count')} min` : '–'}
    />
  );
  const t = reading.tension;
  const hot = () => (
    <Fact
      key="h"
      name="Tension cold, cutting, hot"
      value={[t.coldN, evaluation.tension.cutN, t.hotN]
        .map((n) => (n === null ? '–' : show(n, 'force', profile).figures))
        .join(' · ')}
      range={show(1, 'force', profile).unit}
      onWhy={ask('pull')}
      whyName="pull"
    />
  );
  const use = () => (
    <Fact
      key="u"
      name="Of what breaks the wire"
      value={t.use === null ? '–' : say(t.use, 'share')}
      range={`${say(evaluation.tension.yieldUse, 'share')} of yield`}
      onWhy={ask('stress')}
      whyName="share of strength"
    />
  );
  const lag = () => (
    <Fact
      key="g"
      name={<Term k="lag">Lag of the middle</Term>}
      value={c?.lagMm == null ? '–' : small(c.lagMm, say)}
      range={c?.cornerWaitS == null ? null : `wait ${say(c.cornerWaitS, 'time')} at a corner`}
      onWhy={ask('lag')}
      whyName="lag"
    />
  );
  const note = () => (
    <Fact
      key="n"
      name="Its note, plucked cold"
      value={t.pluckHz === null ? '–' : say(t.pluckHz, 'pitch')}
      range={null}
    />
  );
  const rows: Record<OwnStage, (() => React.ReactNode)[]> = {
    foam: [fastest, slowest, kerf],
    cutter: [room, drag, hand],
    wire: [air, heat, fastest, settle],
    power: reading.battery ? [amps, battery, least] : [amps, least, load],
    tension: [hot, use, lag, note],
    try: [fastest, hand, kerf],
  };
  return (
    <div>
      {rows[stage].map((fact) => fact())}
      {shown && <WhyDialog about={shown} e={evaluation} onClose={() => setShown(null)} />}
    </div>
  );
}
