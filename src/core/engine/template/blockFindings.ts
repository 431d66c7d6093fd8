import { dowelsOf } from './planform';
import type { Known, Finder } from './planFinder';
import { draft } from './planDraft';

/** Foam that should stay over and under a dowel's hole, mm. Ours. */
const LEAST_WALL = 2;

/** What stands against the block and its sheets. */
export const block: Finder = (t) => {
  const b = t.blank;
  const { plan } = t;
  const width = plan.piece.spanMm / b.lengths;
  return [
    !b.fits &&
      draft({ code: 'blank-too-small', level: 'stop', values: { ...b.lacks }, patch: { blank: enough(t) } }),
    plan.blank !== null &&
      plan.blank.lengthMm > plan.piece.spanMm + 1 &&
      draft({
        code: 'block-too-long',
        level: 'fix',
        values: {
          length: plan.blank.lengthMm,
          span: plan.piece.spanMm,
          each: (plan.blank.lengthMm - plan.piece.spanMm) / 2,
        },
        patch: { blank: { ...plan.blank, lengthMm: plan.piece.spanMm } },
      }),
    ...plan.template.slots.map(({ widthMm }) => {
      const kerf = Math.max(t.slot.root ?? 0, t.slot.tip ?? 0);
      return (
        kerf > widthMm && draft({ code: 'slot-too-narrow', level: 'fix', values: { width: widthMm, kerf } })
      );
    }),
    ...(['root', 'tip'] as const).flatMap((end) =>
      dowelsOf(plan.piece.dowels, t.wanted[end]).map(
        (d) =>
          d.wallMm < LEAST_WALL &&
          draft({
            code: 'dowel-too-thick',
            level: 'fix',
            values: { end, hole: d.diameterMm, wall: Math.max(0, d.wallMm), least: LEAST_WALL },
          }),
      ),
    ),
    b.layers > 1 &&
      draft({
        code: 'stock-too-thin',
        level: 'note',
        values: { layers: b.layers, have: b.boardMm, want: b.smallest.heightMm },
      }),
    b.lengths > 1 &&
      draft({
        code: 'longer-than-bow',
        level: 'fix',
        values: { lengths: b.lengths, most: b.longestMm, span: plan.piece.spanMm },
      }),
    Math.abs(plan.rig.foam.widthMm - width) > 1 &&
      draft({
        code: 'width-differs',
        level: 'fix',
        values: { rig: plan.rig.foam.widthMm, piece: width },
      }),
  ];
};

/** A blank that is large enough, with the margins and skins of the one there is. */
function enough(t: Known) {
  const b = t.plan.blank!;
  const s = t.blank.smallest;
  return {
    lengthMm: Math.max(b.lengthMm, s.lengthMm),
    widthMm: Math.max(b.widthMm, s.widthMm),
    heightMm: Math.max(b.heightMm, s.heightMm),
  };
}
