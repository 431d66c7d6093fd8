'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { inWords } from '@/state/api';
import { useWire } from '@/state/useWire';
import { Link } from '@/ui/Link';
import { PowerLine } from '@/ui/PowerLine';
import { useWhen } from '@/ui/When';
import { TextLine } from '@/ui/TextLine';
import css from './logbook.module.css';
import { Pictures } from './Pictures';
import { downloads, places } from '@/state/places';
import { useRigs } from '@/state/useRigs';

/** The wire that is on a rig now: its hours and cuts, power on and off, a new one; and the rig's own pictures. */
export function WireOn({ rigId, onChanged }: { rigId: string; onChanged: () => void }) {
  const when = useWhen();
  const { wire, on, off, hang, write } = useWire(rigId);
  const { document } = useRigs();
  const [remark, setRemark] = useState('');
  const [asking, ask] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  if (!wire) return null;
  const hours = wire.minutes / 60;
  const then = async (done: Promise<string | null>) => {
    const said = await done;
    onChanged();
    return said;
  };
  const hung = async () => {
    ask(false);
    const rig = await document(rigId);
    if (rig.kind !== 'done') return setFault(inWords(rig));
    const { alloy, diameterMm, lengthMm } = rig.data.wire;
    setFault(await then(hang({ alloy, diameterMm, lengthMm })));
  };
  return (
    <section className={css.wire} aria-label="The wire that is on">
      <div>
        <h2>The wire that is on</h2>
        <dl>
          <div>
            <dt>{wire.hungAt === null ? 'hung' : 'since'}</dt>
            <dd className="num">{wire.hungAt === null ? 'not noted' : when.day(wire.hungAt)}</dd>
          </div>
          <div>
            <dt>under power</dt>
            <dd className="num">{hours < 1 ? `${Math.round(wire.minutes)} min` : `${hours.toFixed(1)} h`}</dd>
          </div>
          <div>
            <dt>cuts</dt>
            <dd className="num">{wire.cuts}</dd>
          </div>
          <div>
            <dt>foam cut through</dt>
            <dd className="num">{wire.metres.toFixed(1)} m</dd>
          </div>
        </dl>
        {asking ? (
          <p role="alert">
            Hours and cuts begin anew; the tuning stays, for it belongs to foam and kind of wire.{' '}
            <Button size="small" variant="contained" onClick={() => void hung()}>
              A new wire is on
            </Button>{' '}
            <Button size="small" onClick={() => ask(false)}>
              No
            </Button>
          </p>
        ) : (
          <button type="button" className="quiet" onClick={() => ask(true)}>
            I hung a new wire …
          </button>
        )}
        {fault && <p role="alert">{fault}</p>}
      </div>
      <div>
        <PowerLine
          onSince={wire.onSince}
          lastCut={wire.lastCut}
          onPower={(to) => then(to ? on() : off())}
          slackSince={wire.slackSince}
        />
        <p>
          <Link href={places.rig(rigId, 'try')}>Log a cut</Link> ·{' '}
          <a href={downloads.sheet(rigId)} download>
            One-page sheet
          </a>
        </p>
        <form
          className={css.naming}
          onSubmit={(e) => {
            e.preventDefault();
            if (remark.trim()) void then(write(remark.trim())).then((f) => (f ? setFault(f) : setRemark('')));
          }}
        >
          <TextLine
            label="Remark"
            placeholder="a remark for the time line"
            value={remark}
            most={2000}
            onText={setRemark}
          />{' '}
          <button type="submit" className="quiet">
            write it down
          </button>
        </form>
        <Pictures rigId={rigId} cutId={null} of="the rig" />
      </div>
    </section>
  );
}
