'use client';
import type { ReactNode } from 'react';
import { ALLOYS } from '@/core/catalog/alloys';
import type { ReadingFigures } from '@/core/documents/reading';
import type { Rig } from '@/core/documents/rig';
import { evaluate } from '@/core/engine/evaluate';
import type { Role } from '@/core/units/profile';
import { controlSettingText } from '@/core/words/control';
import { findingWords } from '@/core/words/findings';
import { LevelMark } from './Level';
import { Body, Cell, Head, Row, Table } from './table';
import css from './side.module.css';
import { useUnits } from './Units';
import { WirePicture } from './wire/WirePicture';

/** One of the rigs laid side by side. */
export interface Laid {
  readonly key: string;
  readonly name: string;
  readonly rig: Rig;
  readonly reading: ReadingFigures;
  readonly foot?: ReactNode;
}

type Value = (l: Laid) => readonly [number | string | null | undefined, Role?];

const ROWS: readonly (readonly [string, Value])[] = [
  ['Wire', ({ rig }) => [`${ALLOYS[rig.wire.alloy].name}`]],
  ['Gauge', ({ rig }) => [rig.wire.diameterMm, 'wireDiameter']],
  ['Length', ({ rig }) => [rig.wire.lengthMm, 'wireLength']],
  ['Foam, width', ({ rig }) => [rig.foam.widthMm, 'foamSize']],
  ['Supply', ({ rig }) => [rig.supply.volts, 'volts']],
  ['Meter should read', ({ reading }) => [reading.cutting?.amps, 'amps']],
  ['Voltage at the wire', ({ reading }) => [reading.idle?.wireVolts, 'volts']],
  ['Heat of each metre', ({ reading }) => [reading.idle?.wattsPerM, 'heatPerLength']],
  ['Wire in air', ({ reading }) => [reading.idle?.wireC, 'temperature']],
  ['Wire in the foam', ({ reading }) => [reading.cutting?.foamC, 'temperature']],
  ['Max feed', ({ reading }) => [reading.cutting?.fastestFeedMmS, 'feed']],
  ['Min clean feed', ({ reading }) => [reading.cutting?.slowestFeedMmS, 'feed']],
  ['Margin', ({ reading }) => [reading.cutting?.reserve == null ? null : 1 - reading.cutting.reserve, 'share']],
  ['Kerf', ({ reading }) => [reading.cutting?.kerfMm, 'slot']],
  ['Tension, hot', ({ reading }) => [reading.tension.hotN, 'force']],
  ['Of what breaks the wire', ({ reading }) => [reading.tension.use, 'share']],
  ['Load on the supply', ({ reading }) => [reading.supply.load, 'share']],
  ['Lost in the leads', ({ reading }) => [reading.idle?.leadWatts, 'watts']],
  ['Warm after', ({ reading }) => [reading.time?.warmUpS, 'time']],
];

/** Two to four rigs side by side, with the same thing on the same line; what differs stands out. */
export function SideBySide({ laid }: { laid: readonly Laid[] }) {
  const { say, typed } = useUnits();
  const cell = ([v, role]: ReturnType<Value>) =>
    v === null || v === undefined
      ? '–'
      : role === 'wireDiameter' || role === 'wireLength' || role === 'foamSize'
        ? typed(v as number, role)
        : role
          ? say(v, role)
          : String(v);
  return (
    <div className={css.scroll} tabIndex={0} role="group" aria-label="Compare">
      <Table className={css.table}>
        <Head>
          <Row>
            <Cell component="td" />
            {laid.map((l) => (
              <Cell key={l.key}>
                <WirePicture e={evaluate(l.rig)} width={210} height={70} label="" />
                {l.name}
              </Cell>
            ))}
          </Row>
        </Head>
        <Body>
          {ROWS.map(([name, value]) => {
            const cells = laid.map((l) => cell(value(l)));
            const same = cells.every((c) => c === cells[0]);
            return (
              <Line
                key={name}
                name={name}
                same={same}
                num
                of={laid.map((l, i) => [l.key, cells[i]] as const)}
              />
            );
          })}
          <Line
            name="Set it to"
            num
            of={laid.map((l) => [l.key, controlSettingText(l.rig.control.kind, l.rig.control.setting, say)])}
          />
          <Line name="What is wrong" of={laid.map((l) => [l.key, <Wrong key={l.key} reading={l.reading} />])} />
          {laid.some((l) => l.foot) && <Line of={laid.map((l) => [l.key, l.foot])} />}
        </Body>
      </Table>
    </div>
  );
}

/** One line of the table: what it is, and a cell for each rig by its key. */
function Line(p: {
  name?: string;
  same?: boolean;
  num?: boolean;
  of: readonly (readonly [key: string, shown: ReactNode])[];
}) {
  return (
    <Row data-same={p.same ?? false}>
      {p.name ? (
        <Cell component="th" scope="row">
          {p.name}
        </Cell>
      ) : (
        <Cell />
      )}
      {p.of.map(([key, shown]) => (
        <Cell key={key} className={p.num ? 'num' : undefined}>
          {shown}
        </Cell>
      ))}
    </Row>
  );
}

/** What is wrong with a rig, but for notes. */
function Wrong({ reading }: Pick<Laid, 'reading'>) {
  const { say } = useUnits();
  const wrong = reading.findings.filter((f) => f.level !== 'note');
  if (wrong.length === 0) return 'nothing worse than a note';
  return wrong.map((f) => (
    <span key={f.code} className={css.finding}>
      <LevelMark level={f.level} /> {findingWords(f.code, f.values, say).head}
    </span>
  ));
}
