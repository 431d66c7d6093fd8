'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { ALLOYS } from '@/core/catalog/alloys';
import { ORDINARY_SCATTER } from '@/core/engine/drawer/identify';
import type { NewStock } from '@/state/types';
import { Choice } from '@/ui/Choice';
import { useUnits } from '@/ui/Units';
import css from './drawer.module.css';
import { RangeField, between } from './fields';
import { candidates, ohmsAMetre, type Measured } from '../../core/engine/drawer/identify';

const BLANK: Measured = {
  lengthMm: 1000,
  ohm: null,
  probesOhm: 0.2,
  turnsMm: null,
  breakN: null,
  strands: 1,
  airC: 20,
};

/** What wire is this? From its ohms, ten turns of it, or the load it is sold by. */
export function IdentifyWire(p: { onClose: () => void; onTake: (start: Partial<NewStock<'spools'>>) => void }) {
  const { say, typed } = useUnits();
  const [m, setM] = useState<Measured>(BLANK);
  const put = (part: Partial<Measured>) => setM((was) => ({ ...was, ...part }));
  const found = candidates(m);
  const perM = ohmsAMetre(m);
  return (
    <Dialog open onClose={p.onClose} aria-labelledby="identify-title" fullWidth maxWidth="md">
      <DialogTitle id="identify-title">What wire is this?</DialogTitle>
      <DialogContent>
        <div className={css.identify}>
          <div className={css.fields}>
            <p className="dim">
              Measure what you can. The resistance tells the most; the other two narrow it down.
            </p>
            <RangeField
              label="Length"
              name="idLength"
              value={m.lengthMm}
              role="wireLength"
              limits={between(10, 100000)}
              onTake={(v) => put({ lengthMm: v })}
              note="Between the probes: a metre is good."
            />
            <RangeField
              label="Resistance"
              name="idOhm"
              value={m.ohm}
              role="ohms"
              limits={between(0.001, 100000)}
              whenEmpty="not measured"
              onTake={(ohm) => put({ ohm })}
            />
            <RangeField
              label="Probes alone"
              name="idProbes"
              value={m.probesOhm}
              role="ohms"
              limits={between(0, 10)}
              onTake={(v) => put({ probesOhm: v! })}
              note="Held together: what the meter reads of itself."
            />
            <RangeField
              label="Ten turns"
              name="idTurns"
              value={m.turnsMm}
              role="depth"
              limits={between(0.2, 60)}
              whenEmpty="not measured"
              onTake={(turnsMm) => put({ turnsMm })}
              note="Wound side by side on a rod: their width."
            />
            <RangeField
              label="Breaking load"
              name="idBreak"
              value={m.breakN}
              role="force"
              limits={between(0.1, 5000)}
              whenEmpty="not known"
              onTake={(breakN) => put({ breakN })}
              note="As leader and hanging wire are sold. Type 40 kgf or 60 lbf."
            />
            <Choice
              label="Strands"
              name="idStrands"
              value={String(m.strands)}
              onChoose={(v) => put({ strands: Number(v) as Measured['strands'] })}
              options={['1', '3', '7', '19'].map((v) => ({ value: v, name: v }))}
            />
          </div>
          <div>
            <h3>It could be</h3>
            {perM !== null && <p className="num">{say(perM, 'ohms')} a metre</p>}
            {found.length === 0 ? (
              <p className="dim">
                {m.ohm === null && m.breakN === null
                  ? 'Type its ohms or its breaking load.'
                  : 'Nothing in the catalogue fits. Check the length, and take the probes’ own ohms off.'}
              </p>
            ) : (
              <ul className={css.found}>
                {found.map((c) => (
                  <li key={`${c.alloy}${c.diameterMm}`}>
                    <div>
                      <b>{ALLOYS[c.alloy].name}</b>
                      <span className="num">
                        {typed(c.diameterMm, 'wireDiameter')}
                        {c.gauge !== null && ` (${c.gauge} AWG)`}
                      </span>
                      <span className="dim">
                        {c.off === null
                          ? `would read ${say(c.ohmPerM, 'ohms')} a metre: confirm by its resistance`
                          : Math.abs(c.off) <= ORDINARY_SCATTER
                            ? `${say(c.ohmPerM, 'ohms')} a metre, within ordinary scatter (${say(Math.abs(c.off), 'share')} off)`
                            : `${say(c.ohmPerM, 'ohms')} a metre: ${say(Math.abs(c.off), 'share')} off, more than such wire scatters`}
                      </span>
                    </div>
                    <Button
                      size="small"
                      onClick={() =>
                        p.onTake({
                          alloy: c.alloy,
                          diameterMm: c.diameterMm,
                          strands: m.strands,
                          ohmPerM: perM === null ? null : Number(perM.toPrecision(4)),
                        })
                      }
                    >
                      It is this
                    </Button>
                  </li>
                ))}
              </ul>
            )}
          </div>
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={p.onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
