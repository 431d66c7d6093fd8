'use client';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import type { PairFigures } from '@/core/documents/match';
import { PLAIN_WEIGHTS, WEIGHT_KEYS, type Weights, type WeightKey } from '@/core/documents/drawer';
import type { RankedPair } from '@/workers/protocol';
import { controlSettingText } from '@/core/words/control';
import { Slide } from '@/ui/Slide';
import { useUnits } from '@/ui/Units';
import { Body, Cell, Head, Row, Table } from '@/ui/table';
import css from './match.module.css';
import { CONTROLS, PARTS } from './words';

/** Key of a line on the page. */
export const keyOf = ({ places: { wire, supply, control } }: RankedPair): string =>
  `${wire}|${supply}|${control}`;

const MOST_LAID = 4;

/** Working pairings, best first: what to hang, what to set, what the meter should read, what the score is made of. */
export function Results(p: {
  pairs: readonly RankedPair[];
  groups: number;
  chosen: ReadonlySet<string>;
  onChoose: (key: string) => void;
  onMake: (pair: RankedPair) => void;
  onMore: () => void;
  busy: boolean;
}) {
  const { say, typed } = useUnits();
  return (
    <>
      <div className={css.scroll} tabIndex={0} role="group" aria-label="What works, table">
        <Table className={css.table}>
          <Head>
            <Row>
              <Cell>
                <span className="hidden-visually">compare</span>
              </Cell>
              <Cell>wire</Cell>
              <Cell>on</Cell>
              <Cell>set</Cell>
              <Cell>meter reads</Cell>
              <Cell>load</Cell>
              <Cell>score</Cell>
              <Cell>
                <span className="hidden-visually">what to do</span>
              </Cell>
            </Row>
          </Head>
          <Body>
            {p.pairs.map((pair, i) => {
              const free = !pair.buy && i === p.pairs.findIndex((q) => !q.buy);
              const key = keyOf(pair);
              const name = `${pair.wire}, ${typed(pair.lengthMm, 'wireLength')}, on ${pair.supply}`;
              const on = p.chosen.has(key);
              return (
                <Row key={key} data-on={on}>
                  <Cell>
                    <Checkbox
                      checked={on}
                      disabled={!on && p.chosen.size >= MOST_LAID}
                      slotProps={{
                        input: { 'aria-label': `Compare: ${name}, ${CONTROLS[pair.control.kind]}` },
                      }}
                      onChange={() => p.onChoose(key)}
                    />
                  </Cell>
                  <Cell component="th" scope="row">
                    {pair.wire} <span className="num">{typed(pair.lengthMm, 'wireLength')}</span>
                    {pair.otherLengthsMm.length > 0 && (
                      <span className={css.small}>
                        or {pair.otherLengthsMm.map((mm) => typed(mm, 'wireLength')).join(', ')}
                      </span>
                    )}
                    {free && p.pairs.some((q) => q.buy) && (
                      <span className={css.free}>the best that costs nothing</span>
                    )}
                    {pair.buy && (
                      <span className={css.buy}>
                        to buy:{' '}
                        {pair.buy
                          .map(
                            (b) =>
                              `${b.metres !== null ? `${b.metres.toFixed(2)} m of wire` : b.name}${b.cost !== null ? ` (${b.cost.toFixed(2)})` : ''}`,
                          )
                          .join(', ')}
                      </span>
                    )}
                  </Cell>
                  <Cell>
                    {pair.supply}
                    <span className={css.small}>{CONTROLS[pair.control.kind]}</span>
                  </Cell>
                  <Cell className="num">
                    {controlSettingText(pair.control.kind, pair.control.setting, say)}
                  </Cell>
                  <Cell className="num">{say(pair.reading?.cutting?.amps, 'amps')}</Cell>
                  <Cell className="num">
                    {pair.reading?.supply.load == null ? 'not known' : say(pair.reading.supply.load, 'share')}
                  </Cell>
                  <Cell>
                    <Score pair={pair} />
                  </Cell>
                  <Cell>
                    <Button
                      size="small"
                      variant={i === 0 ? 'contained' : 'outlined'}
                      disabled={p.busy}
                      onClick={() => p.onMake(pair)}
                      aria-label={`Make it a rig: ${name}`}
                    >
                      Make a rig
                    </Button>
                  </Cell>
                </Row>
              );
            })}
          </Body>
        </Table>
      </div>
      {p.pairs.length < p.groups && <Button onClick={p.onMore}>Show more of the {p.groups} lines</Button>}
    </>
  );
}

/** The score with a bar for each part, the part named where the pointer or the reader asks. */
function Score({ pair }: { pair: PairFigures }) {
  const words = WEIGHT_KEYS.map((k) => `${PARTS[k].name} ${Math.round(100 * pair.parts[k])}`).join(', ');
  return (
    <div className={css.score}>
      <b className="num">{Math.round(100 * pair.score)}</b>
      <svg width="64" height="24" role="img" aria-label={words}>
        <title>{words}</title>
        {WEIGHT_KEYS.map((k, i) => (
          <g key={k}>
            <rect x={i * 13} y={1} width={9} height={22} fill="none" stroke="var(--edge)" strokeWidth={0.8} />
            <rect
              x={i * 13}
              y={1 + 22 * (1 - pair.parts[k])}
              width={9}
              height={22 * pair.parts[k]}
              fill="var(--act)"
            />
          </g>
        ))}
      </svg>
    </div>
  );
}

/** What counts how much; the order follows at once. */
export function WeightSliders({ weights, onWeights }: { weights: Weights; onWeights: (w: Weights) => void }) {
  const changed = WEIGHT_KEYS.some((k) => weights[k] !== PLAIN_WEIGHTS[k]);
  const set = (k: WeightKey, v: number) => onWeights({ ...weights, [k]: v });
  return (
    <details className={css.weights}>
      <summary>What counts how much{changed && ': changed'}</summary>
      {WEIGHT_KEYS.map((k) => (
        <div key={k} className={css.weight}>
          <span>
            {PARTS[k].name} <b className="num">{weights[k]}</b>
          </span>
          <Slide name={PARTS[k].name} least={0} most={10} value={weights[k]} onValue={(to) => set(k, to)} />
          <small>{PARTS[k].help}</small>
        </div>
      ))}
      <button type="button" className="quiet" disabled={!changed} onClick={() => onWeights(PLAIN_WEIGHTS)}>
        As it was
      </button>
    </details>
  );
}
