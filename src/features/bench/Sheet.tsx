'use client';
import { useEffect, useMemo } from 'react';
import { markCurve, markOf } from '@/core/engine/marks';
import { solveWhole } from '@/core/engine/solve';
import { rangeText, show } from '@/core/units/format';
import type { Role } from '@/core/units/profile';
import { SETTING_ROLE } from '@/core/words/control';
import { findingWords } from '@/core/words/findings';
import type { ShelfRig } from '@/state/types';
import { keepPages } from '@/state/offline';
import { useWire } from '@/state/useWire';
import { LevelMark } from '@/ui/Level';
import { Link } from '@/ui/Link';
import { PowerLine } from '@/ui/PowerLine';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import { WirePicture } from '@/ui/wire/WirePicture';
import css from './bench.module.css';
import { places } from '@/state/places';

/** What to set, what the meter should say, how fast to go: nothing else to touch but the one button. */
export function Sheet({ rig }: { rig: ShelfRig }) {
  const { profile, say } = useUnits();
  const [ref, width] = useWidth(390);
  const { doc } = rig;
  useEffect(() => void keepPages([places.bench(rig.id), places.rig(rig.id, 'try')]), [rig.id]);
  const { wire, on, off } = useWire(rig.id);
  const { reading, evaluation: e } = useMemo(() => solveWhole(doc), [doc]);
  const stop = reading.findings.find((f) => f.level === 'stop');
  const role = SETTING_ROLE[doc.control.kind];
  const curve = (doc.control.marks?.length ?? 0) > 1 ? markCurve(doc) : null;
  const mark = curve && doc.control.setting !== null ? markOf(curve, doc.control.setting) : null;
  const stretch = profile === 'metric' ? 25 : 25.4;
  const feed = e.feed === null || !e.cut ? null : e.feed * 1000;
  return (
    <article className={css.sheet} aria-label={doc.name}>
      <header className={css.head}>
        <h1>{doc.name || 'A rig without a name'}</h1>
        <Link href={places.bench()}>another</Link>
      </header>
      <div ref={ref}>
        <WirePicture e={e} width={width} height={78} label="The wire" />
      </div>
      {stop ? (
        <div className={css.stop} role="alert">
          <h2>
            <LevelMark level="stop" size={22} /> {findingWords(stop.code, stop.values, say).head}
          </h2>
          <p>{findingWords(stop.code, stop.values, say).text}</p>
        </div>
      ) : (
        <>
          {role && doc.control.setting !== null && (
            <div className={css.set}>
              <span>Set the dial to</span>
              <Big value={doc.control.setting} role={role} />
              {mark !== null && (
                <span>
                  mark <b className="num">{Number(mark.toPrecision(3))}</b> on its dial
                </span>
              )}
              <span>
                meter reads {reading.spread?.amps ? rangeText(reading.spread.amps, 'amps', profile) : '–'}
              </span>
            </div>
          )}
          <div className={css.pair}>
            <div>
              <span>{profile === 'metric' ? '25 mm in' : 'an inch in'}</span>
              {feed === null ? <strong>–</strong> : <Big value={stretch / feed} role="time" />}
            </div>
            <div>
              <span>kerf</span>
              {reading.cutting?.kerfMm != null ? (
                <Big value={reading.cutting.kerfMm} role="slot" />
              ) : (
                <strong>–</strong>
              )}
            </div>
          </div>
        </>
      )}
      <p className={css.caution}>
        <LevelMark level="fix" size={16} /> Glasses, sleeves, open door. The wire whips when it breaks. Never
        leave it hot.
      </p>
      {wire && !stop && (
        <PowerLine
          onSince={wire.onSince}
          lastCut={wire.lastCut}
          onPower={(to) => (to ? on() : off())}
          slackSince={wire.slackSince}
        />
      )}
      <Link href={places.rig(rig.id, 'try')} className={css.button}>
        Log a test cut
      </Link>
    </article>
  );
}

function Big({ value, role }: { value: number; role: Role }) {
  const { profile } = useUnits();
  const shown = show(value, role, profile);
  return (
    <strong className="num">
      {shown.figures}
      <small>{shown.unit}</small>
    </strong>
  );
}
