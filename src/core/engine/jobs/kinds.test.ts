import { describe, expect, it } from 'vitest';
import type { Job, OwnJob } from '../../documents/job';
import type { Rig } from '../../documents/rig';
import { toldWorksheet } from '../../words/jobs';
import { HOT_MODULUS, loopBend } from '../../physics/making/loop';
import { solve } from '../solve';
import { codes, job, LOOP, SLICER, TABLE, values } from './testJobs';
import { jobCut, wireVolts } from './cut';
import { jigsOf } from './jig';
import { worksheetOf } from './worksheet';

describe('sheets', () => {
  it('spacers and screw set the same sheet', () => {
    const v = values(job('sheets'));
    expect(v.givesMm).toBeCloseTo(3, 12);
    const s = values(job('sheets', { by: { kind: 'screw', pitchMm: 1 } }));
    expect(s.turns).toBeCloseTo(v.spacerMm!, 9);
    expect(s.axisMm).toBeCloseTo(v.spacerMm! + v.d! / 2, 9);
    expect(v.gramsPerM2).toBeCloseTo(45, 9);
    expect(v.sheetG).toBeCloseTo(45 * 0.4 * 0.3, 9);
  });
  it('more than the block has names the height that would do, and that height does', () => {
    const few = worksheetOf(job('sheets', { count: 60 }));
    const low = few.findings.find((f) => f.code === 'block-too-low')!;
    const high = Math.ceil(low.values['heightMm'] as number);
    expect(codes(job('sheets', { count: 60, blockMm: [400, 300, high] }))).not.toContain('block-too-low');
    expect(codes(job('sheets', { count: 60, blockMm: [400, 300, high - 2] }))).toContain('block-too-low');
  });
  it('spacers at hand that give another sheet are told, those that were asked for are not', () => {
    expect(codes(job('sheets', { by: { kind: 'spacers', heightMm: 4 } }))).toContain('sheet-differs');
    const { spacerMm } = values(job('sheets'));
    expect(codes(job('sheets', { by: { kind: 'spacers', heightMm: spacerMm } }))).not.toContain(
      'sheet-differs',
    );
  });
  it('a test sheet thicker on its left raises the right end, by the supports over the width', () => {
    const sheet = worksheetOf(job('sheets', { cornersMm: [3.3, 2.9, 3.3, 2.9] }));
    expect(sheet.values['wedgeMm']).toBeCloseTo(0.4, 12);
    expect(sheet.values['raiseMm']).toBeCloseTo((0.4 * 420) / 300, 12);
    expect(sheet.steps.find((s) => s.code === 'raise-end')!.values['end']).toBe('right');
    expect(sheet.findings.map((f) => f.code)).toContain('wedge-shows');
  });
  it('a stack gauged as forecast tells the forecast kerf; a thinner one a wider kerf', () => {
    const { kerfMm } = values(job('sheets'));
    const same = values(job('sheets', { stack: { sheets: 10, heightMm: 30 } }));
    expect(same.kerfSeenMm).toBeCloseTo(kerfMm!, 9);
    const thin = job('sheets', { stack: { sheets: 10, heightMm: 28 } });
    expect(values(thin).kerfSeenMm).toBeCloseTo(kerfMm! + 0.4, 9);
    expect(codes(thin)).toContain('kerf-differs');
    // The spacers that they were cut over count, not those that the tuning asks for by now.
    const stood = { sheets: 10, heightMm: 28, underMm: 3.2 };
    const tuned = { ...SLICER, foam: { ...SLICER.foam, tuning: 1.3 } };
    for (const rig of [SLICER, tuned])
      expect(values(job('sheets', { stack: stood }, rig)).kerfSeenMm).toBeCloseTo(0.25 + 2 * 0.4, 9);
  });
  it('a block between supports that it does not fit is stopped', () => {
    const sheet = worksheetOf(job('sheets', { supportsMm: 250 }));
    expect(sheet.findings[0]).toMatchObject({ code: 'supports-too-near', level: 'stop' });
    expect(sheet.steps).toEqual([]);
  });
});

describe('table', () => {
  it('a bevel: the wire is solved anew, longer and in more foam', () => {
    const sheet = worksheetOf(job('strips'));
    const upright = worksheetOf(job('strips', { tiltDeg: 0 }));
    expect(sheet.values['wireMm']).toBeCloseTo(300 / Math.cos(Math.PI / 6), 9);
    expect(sheet.values['foamAlongWireMm']).toBeCloseTo(57.735, 3);
    expect(sheet.values['anchorShiftMm']).toBeCloseTo(300 * Math.tan(Math.PI / 6), 9);
    expect(upright.values['fenceMm']).toBeCloseTo(40 + upright.values['kerfMm']! / 2, 12);
    expect(sheet.rig.wire.lengthMm).toBeCloseTo(346.41, 2);
  });
  it('a ring: the hole first, turned no faster than seven tenths of the max feed', () => {
    const sheet = worksheetOf(job('disc', {}, { ...TABLE, cut: { ...TABLE.cut, reserve: 0.9 } }));
    const steps = sheet.steps.filter((s) => s.code === 'set-pin');
    expect(steps.map((s) => s.values['radiusMm'])).toEqual([30, 60]);
    expect(sheet.steps.findIndex((s) => s.code === 'hole-first')).toBeLessThan(sheet.steps.indexOf(steps[0]!));
    const fastest = solve(sheet.rig).cutting!.fastestFeedMmS!;
    expect(sheet.values['feedMmS']! / fastest).toBeCloseTo(0.7, 9);
    expect(sheet.values['secondsPerTurn']).toBeCloseTo((2 * Math.PI * 60) / (0.7 * fastest), 6);
    expect(sheet.values['holePinMm']).toBeCloseTo(30 - sheet.values['kerfMm']! / 2, 12);
  });
  it('a tilted wire leans towards what the foam is led by: the fence, or the pin', () => {
    const told = (j: Job) => toldWorksheet(worksheetOf(j)).steps.find((s) => s.code === 'set-tilt')!.text;
    expect(told(job('strips'))).toContain('towards the fence');
    expect(told(job('strips', { tiltDeg: -20 }))).toContain('away from the fence');
    expect(told(job('disc', { tiltDeg: 10 }))).toContain('towards the pin');
  });
  it('too small a hole, too thin a ring, a cone that closes are stopped', () => {
    expect(codes(job('disc', { innerMm: 1 }))).toContain('radius-too-small');
    expect(codes(job('disc', { innerMm: 119 }))).toContain('ring-too-thin');
    expect(codes(job('disc', { innerMm: null, tiltDeg: 55 }))).toContain('cone-closes');
  });
  // Geometry: a wire of diameter d rides with its surface on the template, its middle runs d/2 off it, and its kerf w/2 to either side.
  it('a piece’s template and a hole’s opening leave the edge that is wanted, half a kerf from the wire’s middle', () => {
    for (const keep of ['piece', 'hole'] as const) {
      const j = job('cutout', { keep, outline: [[0, 0], [80, 0], [80, 40], [0, 40]] }); // prettier-ignore
      const { kerfMm, d, templateMm } = values(j) as { kerfMm: number; d: number; templateMm: number };
      const { outline } = jigsOf(j as OwnJob, worksheetOf(j))[0]!;
      const right = Math.max(...outline.map((p) => p[0]));
      const out = keep === 'piece' ? 1 : -1;
      expect(right).toBeCloseTo(80 + out * templateMm, 4);
      const middle = right + (out * d) / 2;
      expect(middle - (out * kerfMm) / 2).toBeCloseTo(80, 4);
    }
  });
  it('a free shape is led round from the edge: nothing is let go or threaded', () => {
    const steps = worksheetOf(job('cutout', { keep: 'piece' })).steps.map((s) => s.code);
    expect(steps).toContain('cut-round');
    expect(steps).not.toContain('let-go');
    expect(codes(job('cutout', { keep: 'piece', outline: [[0, 0], [80, 0], [80, 1], [0, 1]] }))).toContain('piece-too-small'); // prettier-ignore
  });
  it('a cut-out is hung again at the tension that it had', () => {
    const sheet = worksheetOf(job('cutout'));
    expect(sheet.values['insetMm']).toBeCloseTo(sheet.values['kerfMm']! / 2, 12);
    const [off, on] = ['let-go', 'hang-again'].map((code) => sheet.steps.find((s) => s.code === code)!);
    expect(on!.values['tensionN']).toBe(off!.values['tensionN']);
    expect(sheet.values['pathMm']).toBeCloseTo(240, 12);
    // A wire that is threaded through the block has nothing to be rested on.
    expect(sheet.steps.map((s) => s.code)).not.toContain('rest-first');
    const strips = worksheetOf(job('strips'));
    const rest = strips.steps.find((s) => s.code === 'rest-first')!;
    expect(rest.values['feedMmS']).toBeCloseTo(0.3 * solve(strips.rig).cutting!.fastestFeedMmS!, 9);
  });
});

describe('loop and drop board', () => {
  it('a loop bent for the groove fills it in one pass; a narrow one takes more', () => {
    const one = worksheetOf(job('groove'));
    expect(one.values['passes']).toBe(1);
    expect(one.values['grooveWidthMm']).toBeCloseTo(20, 9);
    const more = worksheetOf(job('groove', { widthMm: 60, loopMm: 20 }));
    expect(more.values['passes']).toBe(4);
    expect(more.parts).toHaveLength(4);
    expect(more.parts.at(-1)!.atMm! + more.parts[0]!.atMm!).toBeCloseTo(60, 9);
  });
  it('a thin loop bends; a thicker one less', () => {
    const tip = (mm: number) =>
      values(
        job(
          'groove',
          { depthMm: 30 },
          {
            ...LOOP,
            wire: { ...LOOP.wire, diameterMm: mm },
            control: { ...LOOP.control, setting: 5 * (mm / 0.8) ** 1.5 },
          },
        ),
      ).tipMm!;
    expect(tip(0.5)).toBeGreaterThan(2 * tip(0.8));
  });
  it('a loop that bends names a feed, a depth and a wire, and each of them holds', () => {
    const fast: Rig = {
      ...LOOP,
      wire: { ...LOOP.wire, diameterMm: 0.4, lengthMm: 160 },
      control: { ...LOOP.control, setting: 1.9 },
      foam: { ...LOOP.foam, kind: 'xps', densityKgM3: 40, widthMm: 100 },
      cut: { ...LOOP.cut, reserve: 0.9 },
    };
    const bends = (more: object, rig: Rig = fast) =>
      worksheetOf(job('groove', { depthMm: 50, toleranceMm: 0.3, ...more }, rig)).findings.find((f) =>
        /^loop-(bends|overstressed)$/.test(f.code),
      );
    const { values: v, fixes } = bends({})!;
    const [fix] = fixes;
    expect(fix!.patch).toEqual({ cut: { feedMmS: v['feedMmS'] } });
    expect(bends({}, { ...fast, cut: { ...fast.cut, feedMmS: v['feedMmS'] as number } })).toBeUndefined();
    expect(bends({ depthMm: (v['stepMm'] as number) * 0.98 })).toBeUndefined();
    expect(bends({ depthMm: (v['stepMm'] as number) * 1.05 })).toBeDefined();
    // The wire by the beam itself, its drag as much more as it is thicker.
    const { loopMm, tipMm, allowedMPa } = values(job('groove', { depthMm: 50, toleranceMm: 0.3 }, fast));
    const bent = (q: number, d: number) =>
      loopBend(q, 0.05, (loopMm! - 0.4) / 1000, d / 1000, HOT_MODULUS * 193e9);
    const drag = tipMm! / 1000 / bent(1, 0.4).tip;
    const wide = v['wireMm'] as number;
    const thick = bent((drag * wide) / 0.4, wide);
    expect(Math.max(thick.tip / 0.0003, thick.stress / 1e6 / allowedMPa!)).toBeCloseTo(1, 6);
  });
  it('segments are laid out within the stock, each piece once', () => {
    const lengths = Array.from({ length: 200 }, (_, i) => 50 + (i % 17) * 40);
    const sheet = worksheetOf(job('segments', { lengthsMm: lengths }));
    expect(sheet.parts.map((p) => p.lengthMm).sort((a, b) => a! - b!)).toEqual(
      [...lengths].sort((a, b) => a - b),
    );
    const ends = new Map<number, number>();
    for (const p of sheet.parts) ends.set(p.board!, Math.max(ends.get(p.board!) ?? 0, p.atMm!));
    for (const end of ends.values()) expect(end).toBeLessThan(1000 + sheet.values['kerfMm']!);
    expect(Math.max(...ends.keys())).toBe(sheet.values['boards']);
  });
  it('turning every second piece over closes the row', () => {
    const open = job('segments', { lengthsMm: [100, 100, 100, 100, 100], errorDeg: 0.3 });
    expect(codes(open)).toContain('row-opens');
    expect(codes({ ...open, turnOver: true } as Job)).not.toContain('row-opens');
  });
});

describe('spacers of cards, and a block that slides', () => {
  it('cards come as near to the height as whole cards do, and the sheet follows from them', () => {
    const cards = (cardMm: number) =>
      worksheetOf(job('sheets', { by: { kind: 'spacers', heightMm: null, cardMm }, toleranceMm: 0.2 }));
    const fine = cards(0.31);
    const { spacerMm, givesMm, cards: n } = fine.values as Record<string, number>;
    expect(Math.abs(n! * 0.31 - spacerMm!)).toBeLessThanOrEqual(0.155);
    expect(givesMm! - 3).toBeCloseTo(n! * 0.31 - spacerMm!, 9);
    expect(fine.findings.map((f) => f.code)).not.toContain('sheet-differs');
    expect(cards(1.3).findings.map((f) => f.code)).toContain('sheet-differs');
    expect(toldWorksheet(fine).steps[0]!.text).toContain(`each of ${n} cards of 0.31`);
  });
  it('the tilt at which it slides by itself tells the friction, tan φ, and a slicker board needs less tilt', () => {
    const at = (slidesAtDeg: number | null) => values(job('sheets', { blockMm: [400, 300, 300], slidesAtDeg }));
    expect(at(null).friction).toBe(0.3);
    expect(at(45).friction).toBeCloseTo(1, 12);
    const [slick, plain] = [at(8), at(null)];
    expect(plain.slideDeg).toBeGreaterThan(0);
    expect(slick.slideDeg!).toBeLessThan(plain.slideDeg!);
  });
});

describe('a loop’s volts', () => {
  // MACHINES.md section 4: 90 mm of 0.8 mm stainless at 4.5 A is 0.7 V, so the loss in leads and contacts decides.
  it('are what its own ohms take, not what leads and contacts do', () => {
    const { wire, control } = LOOP;
    const rig = { ...LOOP, wire: { ...wire, lengthMm: 90 }, control: { ...control, setting: 4.5 } };
    expect(wireVolts(jobCut(rig))).toBeCloseTo(0.7, 1);
  });
});
