'use client';
import Button from '@mui/material/Button';
import { FOAMS } from '@/core/catalog/foams';
import { FOAM_FLAWS, foamPieceSchema, type FoamPiece, type FoamSample } from '@/core/documents/foamPiece';
import { cornersFound, densityFound, SKIN_MM } from '@/core/engine/foamPiece';
import type { FoamStock } from '@/state/types';
import { Check } from '@/ui/Check';
import { useUnits } from '@/ui/Units';
import { RangeField, type Put, stockLimits, between } from './fields';
import { TextLine } from '@/ui/TextLine';
import css from './drawer.module.css';
import { FLAW_HELP, FLAW_WORDS } from './piece';

const NONE: FoamPiece = foamPieceSchema.parse({});
const SAMPLE: FoamSample = { grams: 33, lengthMm: 200, widthMm: 100, stackMm: 50, sheets: 1 };

/** What is weighed, measured and seen of a foam: samples give its density, corners its shape, the eye its flaws. */
export function PieceFields({ f, put }: { f: Omit<FoamStock, 'id' | 'demo'>; put: Put<FoamStock> }) {
  const { say, typed } = useUnits();
  const piece = f.piece ?? NONE;
  const set = (part: Partial<FoamPiece>) => {
    const next = { ...piece, ...part };
    const found = part.samples ? densityFound(part.samples) : null;
    const density = found && { densityKgM3: Number(found.mean.toPrecision(3)), origin: 'measured' as const };
    put({ piece: next, ...density });
  };
  const sample = (i: number, part: Partial<FoamSample>) =>
    set({ samples: piece.samples.map((s, k) => (k === i ? { ...s, ...part } : s)) });
  const found = densityFound(piece.samples);
  const corners = cornersFound(piece.cornersMm);
  const size = (i: number, key: 'lengthMm' | 'widthMm' | 'stackMm', label: string) => (
    <RangeField
      label={label}
      name={`${key}${i}`}
      value={piece.samples[i]![key]}
      role="foamSize"
      limits={between(0.1, 20000)}
      onTake={(v) => sample(i, { [key]: v! })}
    />
  );
  return (
    <>
      <details className={css.more} open={piece.samples.length > 0}>
        <summary>Weigh and measure it</summary>
        <p className="dim">
          Never trust a nominal thickness. Stack ten thin sheets to measure one; two or three offcuts say how
          even it is.
        </p>
        {piece.samples.map((s, i) => (
          <fieldset key={i} className={css.weighed}>
            <legend>Sample {i + 1}</legend>
            <RangeField
              label="Weighs"
              name={`grams${i}`}
              value={s.grams}
              role="mass"
              limits={between(0.001, 1e6)}
              onTake={(v) => sample(i, { grams: v! })}
            />{' '}
            {size(i, 'lengthMm', 'Long')}
            {size(i, 'widthMm', 'Wide')}
            {size(i, 'stackMm', 'Stack high')}
            <RangeField
              label="Sheets in it"
              name={`sheets${i}`}
              value={s.sheets}
              role="count"
              limits={between(1, 1000)}
              onTake={(v) => sample(i, { sheets: Math.round(v!) })}
            />{' '}
            <button
              type="button"
              className="quiet"
              onClick={() => set({ samples: piece.samples.filter((_, k) => k !== i) })}
            >
              remove it
            </button>
          </fieldset>
        ))}
        {found && (
          <p role="status">
            <b className="num">{say(found.mean, 'density')}</b>
            {found.sd !== null && `, scattering by ${say(found.sd, 'density')}`} from {found.n} sample
            {found.n === 1 ? '' : 's'}
            {found.sheetMm !== null && `; one sheet is ${say(found.sheetMm, 'slot')}`}.
            {found.sd !== null &&
              found.sd > 0.05 * found.mean &&
              ' Uneven: cut a test piece from each end of the board.'}
          </p>
        )}
        <Button
          size="small"
          variant="outlined"
          onClick={() => set({ samples: [...piece.samples, piece.samples.at(-1) ?? SAMPLE] })}
        >
          {' '}
          Add a sample
        </Button>
      </details>
      <details className={css.more} open={piece.cornersMm !== null || piece.flaws.length > 0}>
        <summary>Look it over</summary>
        <Check
          label="Measured at its four corners"
          checked={piece.cornersMm !== null}
          onChange={(on) => set({ cornersMm: on ? [50, 50, 50, 50] : null })}
        />
        {piece.cornersMm?.map((c, i) => (
          <RangeField
            key={i}
            label={`Corner ${i + 1}`}
            name={`corner${i}`}
            value={c}
            role="foamSize"
            limits={between(0.1, 20000)}
            onTake={(v) => set({ cornersMm: piece.cornersMm!.map((x, k) => (k === i ? v! : x)) })}
          />
        ))}
        {corners && corners.wedgeMm > 0 && (
          <p role="status">
            {typed(corners.leastMm, 'foamSize')} to {typed(corners.mostMm, 'foamSize')}: out by{' '}
            <b className="num">{say(corners.wedgeMm, 'slot')}</b>
            {corners.twistMm > 0.1 && `, ${say(corners.twistMm, 'slot')} of it a twist that no wedge levels`}.
            Pack it level before templates are pinned.
          </p>
        )}
        {FOAM_FLAWS.map((flaw) => (
          <Check
            key={flaw}
            label={
              <>
                {FLAW_WORDS[flaw]} <span className="dim">{FLAW_HELP[flaw]}</span>
              </>
            }
            checked={piece.flaws.includes(flaw)}
            onChange={(on) =>
              set({ flaws: on ? [...piece.flaws, flaw] : piece.flaws.filter((x) => x !== flaw) })
            }
          />
        ))}
        <Check
          label={
            <>
              stress skins still on{' '}
              <span className="dim">
                take {typed(SKIN_MM, 'foamSize')} off each face, both in turn, or it warps
              </span>
            </>
          }
          checked={piece.skins}
          onChange={(skins) => set({ skins })}
        />
      </details>
      <details className={css.more} open={piece.lot !== '' || piece.pieces !== null}>
        <summary>Lot, sheets, price</summary>
        <label className={css.text}>
          <span>Lot</span>
          <TextLine value={piece.lot} most={120} onText={(lot) => set({ lot })} />
        </label>
        <RangeField
          label="Sheet, long"
          name="sheetLength"
          value={piece.sheetMm?.lengthMm ?? null}
          role="foamSize"
          limits={stockLimits('foams', 'piece.sheetMm.lengthMm')}
          whenEmpty="not known"
          onTake={(v) =>
            set({ sheetMm: v === null ? null : { lengthMm: v, widthMm: piece.sheetMm?.widthMm ?? v } })
          }
        />{' '}
        {piece.sheetMm && (
          <RangeField
            label="and wide"
            name="sheetWidth"
            value={piece.sheetMm.widthMm}
            role="foamSize"
            limits={stockLimits('foams', 'piece.sheetMm.widthMm')}
            onTake={(v) => set({ sheetMm: { ...piece.sheetMm!, widthMm: v! } })}
          />
        )}
        <RangeField
          label="Pieces left"
          name="pieces"
          value={piece.pieces}
          role="count"
          limits={stockLimits('foams', 'piece.pieces')}
          whenEmpty="not counted"
          onTake={(v) => set({ pieces: v === null ? null : Math.round(v) })}
        />{' '}
        <RangeField
          label="Price a piece"
          name="price"
          value={piece.price}
          role="count"
          limits={stockLimits('foams', 'piece.price')}
          whenEmpty="not known"
          onTake={(price) => set({ price })}
        />{' '}
      </details>
      {FOAMS[f.kind].verdict === 'refuse' ? (
        <p role="alert" className={css.fault}>
          Never cut this hot: {FOAMS[f.kind].reason} No rig here will take it.
        </p>
      ) : (
        <p className="dim">Open air, whatever it is: every foam fumes when it melts.</p>
      )}
    </>
  );
}
