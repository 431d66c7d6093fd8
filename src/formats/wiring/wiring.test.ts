import { describe, expect, it } from 'vitest';
import { evaluate } from '@/core/engine/evaluate';
import { testRig } from '@/core/engine/testRigs';
import { wiringPlan } from '@/core/engine/wiringPlan';
import { METRIC_SAY } from '@/core/words/say';
import { WIRING_CAUTIONS, wiringLines } from '@/core/words/wiring';
import { wiringPdf } from '../print/wiringPdf';
import { wiringDrawing } from './drawing';
import { drawingSvg } from './svg';

const plan = (parts: Parameters<typeof testRig>[0] = {}) => wiringPlan(evaluate(testRig(parts)));
const brick = { kind: 'brick', volts: 15, maxAmps: 5 } as const;
const dimmed = { supply: brick, control: { kind: 'pwm', setting: 0.5, ratedAmps: 8 } } as const;
const lead = { kind: 'battery', volts: 12, maxAmps: 20, battery: { chemistry: 'lead-acid', cells: 6, ampHours: 7 } } as const; // prettier-ignore

describe('the wiring of a rig', () => {
  it('names a fuse of 1.25 times what runs, and no more than the leads carry', () => {
    const p = plan({ leads: { areaMm2: 1.31 } });
    expect(p.fuse.wants! / p.runningAmps!).toBeGreaterThanOrEqual(1.25);
    expect(p.fuse.wants!).toBeLessThanOrEqual(p.lead.carriesAmps);
    expect(p.switch.wants! / p.runningAmps!).toBeGreaterThanOrEqual(1.5);
    expect(plan({ leads: { areaMm2: 0.326 }, control: { kind: 'amps', setting: 2.9 } }).fuse.wants).toBeNull();
  });

  it('puts a blade fuse at a battery', () => {
    const lines = wiringLines(plan({ supply: lead, control: { kind: 'none', setting: null } }), METRIC_SAY);
    expect(lines.find((l) => l.part === 'Fuse')!.size).toContain('blade');
    expect(lines.find((l) => l.part === 'Fuse')!.mind).toContain('battery’s own terminal');
  });

  it('knows where the control stands', () => {
    const transformer = { kind: 'transformer', volts: 24, maxAmps: null, ratedVA: 80, current: 'ac' } as const;
    expect(plan(dimmed).controlAt).toBe('loop');
    expect(plan().controlAt).toBe('supply');
    expect(plan({ supply: brick, control: { kind: 'none', setting: null } }).controlAt).toBe('none');
    const phase = plan({ supply: transformer, control: { kind: 'phase', setting: 90 } });
    expect(phase.controlAt).toBe('primary');
    expect(wiringLines(phase, METRIC_SAY)[0]!.mind).toContain('licensed electrician');
    expect(phase.lamp).toBeNull();
  });

  it('gives the lamp the volts of its place: practice 15 and 18.5 V of a bench dial', () => {
    expect(plan().lamp).toEqual({ ohm: 1800, watts: 2 * 0.01 ** 2 * 1800 });
    expect(
      plan({ supply: { kind: 'brick', volts: 5, maxAmps: 5 }, control: { kind: 'none', setting: null } }).lamp!
        .ohm,
    ).toBe(330);
  });

  it('says it where a rig must not be built, and practice 21: 5 A in 22 gauge wants 20 gauge', () => {
    const p = plan({
      leads: { areaMm2: 0.326 },
      wire: { diameterMm: 0.8 },
      control: { kind: 'amps', setting: 5 },
    });
    expect(p.stops).toContain('lead-overheats');
    expect(p.lead.wantsMm2).toBe(0.519);
    expect(wiringLines(p, METRIC_SAY).find((l) => l.part.startsWith('Leads'))!.mind).toContain('too little');
  });
});

describe('the wiring drawing', () => {
  const drawing = wiringDrawing(plan(dimmed), METRIC_SAY);
  it('stays on its sheet, every shape of it', () => {
    for (const s of drawing.shapes) {
      const points = s.is === 'line' ? s.points : [[s.x, s.y] as const];
      for (const [x, y] of points) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(drawing.width);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(drawing.height);
      }
    }
  });

  it('is a whole SVG of millimetres, with a name that could not break it', () => {
    const svg = drawingSvg(drawing, 'Bow & <script>"');
    expect(svg).toContain(`width="180mm" height="${drawing.height}mm"`);
    expect(svg).toContain('Bow &#38; &#60;script&#62;&#34;');
    expect(svg).not.toContain('<script');
    expect(svg).toContain('Pulse dimmer');
    expect(svg.match(/<(rect|polyline|circle|text)/g)!.length).toBe(drawing.shapes.length + 1);
  });

  it('prints on A4 with every part, its size and the cautions, the same bytes each time', async () => {
    const lines = wiringLines(plan(dimmed), METRIC_SAY);
    const sheet = {
      title: 'Wiring of a test',
      drawing,
      lines,
      stops: ['Too much for this supply'],
      cautions: WIRING_CAUTIONS,
    };
    const pdf = await wiringPdf(sheet);
    expect((await wiringPdf(sheet)).equals(pdf)).toBe(true);
    const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
    const doc = await getDocument({ data: new Uint8Array(pdf) }).promise;
    expect(doc.numPages).toBe(1);
    const page = await doc.getPage(1);
    expect(page.view[2]! / (72 / 25.4)).toBeCloseTo(210, 3);
    expect(page.view[3]! / (72 / 25.4)).toBeCloseTo(297, 3);
    const text = (await page.getTextContent()).items
      .map((i) => ('str' in i ? i.str : ''))
      .join(' ')
      .replace(/\s+/g, ' ');
    expect(text).toContain('Do not build it as it stands: Too much for this supply');
    for (const line of lines) expect(text).toContain(line.part);
    expect(text).toContain('This sheet is arithmetic, not a test');
    expect(text).not.toContain('Ω');
  });
});
