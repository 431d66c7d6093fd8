import { describe, expect, it } from 'vitest';
import type { Job } from '../../documents/job';
import { toldWorksheet } from '../../words/jobs';
import { solve } from '../solve';
import { codes, job, LOOP, SLICER, TABLE, values } from './testJobs';
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
  it('a cut-out is hung again at the tension that it had', () => {
    const sheet = worksheetOf(job('cutout'));
    expect(sheet.values['insetMm']).toBeCloseTo(sheet.values['kerfMm']! / 2, 12);
    const [off, on] = ['let-go', 'hang-again'].map((code) => sheet.steps.find((s) => s.code === code)!);
    expect(on!.values['tensionN']).toBe(off!.values['tensionN']);
    expect(sheet.values['pathMm']).toBeCloseTo(240, 12);
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
