'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Rig } from '@/core/documents/rig';
import { findIt, type Found, type Loose } from '@/core/engine/find';
import { merge } from '@/core/engine/merge';
import { solve } from '@/core/engine/solve';
import { controlSettingText, type ToMark } from '@/core/words/control';
import { findingWords } from '@/core/words/findings';
import type { Say } from '@/core/words/say';
import { apply } from '@/state/edit';
import { useDerived, useRigStore } from '@/state/RigContext';
import { LevelMark } from '@/ui/Level';
import { useUnits } from '@/ui/Units';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './find.module.css';
import { useMark } from './useMark';

const WHY: Record<Extract<Found, { ok: false }>['why'], string> = {
  'no-feed':
    'Set a feed first: what is found is the heat for that feed. (An empty feed always follows the max feed.)',
  'no-dial': 'This rig has no dial. Let the length or the gauge go instead, or choose a control.',
  'no-window': 'At this setting the wire cuts nothing, so there is no feed to find. Give it heat first.',
  'out-of-reach':
    'Nothing in reach does it while the rest is held. Let something else go: the length, the gauge, the feed.',
  'no-matter':
    'With amps held the length does not matter: each metre gets the same heat. Any length that fits will do.',
  stopped: 'What would do it must not be powered: a finding would stop the rig there.',
  measured: 'The wire’s ohms were measured, so it is this very wire. Empty that field to look for another.',
};

function shown(
  found: Extract<Found, { ok: true }>,
  what: Loose,
  rig: Rig,
  say: Say,
  toMark: ToMark | null,
): string {
  if (what === 'gauge') return say(found.value, 'wireDiameter');
  if (what === 'length') return say(found.value, 'wireLength');
  if (what === 'feed') return say(found.value, 'feed');
  if (what === 'reserve') return `${say(1 - found.value, 'share')} margin`;
  return controlSettingText(rig.control.kind, found.value, say, toMark);
}

/** The value found, what it makes of the rig, and whether to take it. */
export function FindDialog({ what, name, onClose }: { what: Loose; name: string; onClose: () => void }) {
  const store = useRigStore();
  const { rig, reading: now } = useDerived();
  const { say } = useUnits();
  const toMark = useMark();
  const found = findIt(rig, what);
  const then = found.ok ? solve(merge(rig, found.patch)) : null;
  const take = () => {
    if (!found.ok) return;
    store
      .getState()
      .edit(
        `found: ${name}`,
        apply(store.getState().doc, found.patch),
        what === 'gauge' ? { spoolId: null } : undefined,
      );
    onClose();
  };
  const row = (label: string, of: (r: typeof now) => string) => (
    <Row>
      <Cell component="th" scope="row">
        {label}
      </Cell>
      <Cell className="num">{of(now)}</Cell>
      <Cell className="num">{then ? of(then) : '–'}</Cell>
    </Row>
  );
  return (
    <Dialog open onClose={onClose} aria-labelledby="find-title" fullWidth maxWidth="xs">
      <DialogTitle id="find-title">The {name}, all else held</DialogTitle>
      <DialogContent>
        {!found.ok && <p>{WHY[found.why]}</p>}
        {!found.ok && found.stop && (
          <p className={css.stop}>
            <LevelMark level="stop" /> {findingWords(found.stop.code, found.stop.values, say).text}
          </p>
        )}
        {found.ok && then && (
          <>
            <p className={css.value}>{shown(found, what, rig, say, toMark)}</p>
            <Table>
              <Heads of={['', 'now', 'then']} />
              <Body>
                {row('Max feed', (r) => say(r.cutting?.fastestFeedMmS, 'feed'))}
                {row('Margin', (r) => (r.cutting?.reserve == null ? '–' : say(1 - r.cutting.reserve, 'share')))}
                {row('Meter reads', (r) => say(r.cutting?.amps, 'amps'))}
                {row('Wire in air', (r) => say(r.idle?.wireC, 'temperature'))}
                {row('Load', (r) => (r.supply.load === null ? 'not known' : say(r.supply.load, 'share')))}
              </Body>
            </Table>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        {found.ok && (
          <Button variant="contained" onClick={take}>
            Take it
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
