import { describe, expect, it } from 'vitest';
import { machineSchema } from '@/core/documents/machine';
import { coreJob, combJob, pathOf, turnedJob, type OnRig } from '@/core/engine/motion/testTowers';
import { outlineJob } from '@/core/engine/motion/testMotion';
import type { TowerKind } from '@/core/documents/towerJobs';
import { LinkLost, type ControllerFault, type Injected } from './port';
import { dryLines, Sender } from './sender';
import { StandInController } from './standIn';

const wide = { minMm: -300, maxMm: 900 };
const MACHINE = machineSchema.parse({
  format: 'upwind-rod/machine',
  version: 1,
  axes: { X: wide, Y: wide, U: wide, V: wide },
});
/** A controller on a clock of the test's own, and what sends to it. */
function bench(lines: readonly string[], machine = MACHINE, injected: Injected | null = null) {
  const time = { s: 0 };
  const port = new StandInController(machine, () => time.s, injected);
  const sender = new Sender(port, lines);
  const run = async (seconds: number, step = 0.1) => {
    for (const end = time.s + seconds; time.s < end - 1e-9;) {
      await sender.pump();
      time.s += step;
    }
  };
  /** Until nothing is left to do; the clock when it was first seen at rest. */
  const whole = async (step = 0.02) => {
    for (;;) {
      const { lines: sent, refused } = await sender.pump();
      const { state } = await port.report();
      if (state !== 'running' && (refused || sent === lines.length || state !== 'ready')) return time.s;
      time.s += step;
      if (time.s > 1e5) throw new Error('it never ends');
    }
  };
  return { time, port, sender, run, whole };
}
const linesOf = (code: string) => code.trim().split('\n');
const job = (j: unknown) => {
  const { machine } = j as { machine: typeof MACHINE };
  const { figures } = pathOf(j as OnRig<TowerKind>);
  return { machine, lines: linesOf(figures.code), seconds: figures.timeS };
};
const AWAY = ['G21 G90 G94', 'M3 S1000', 'G1 X100 Y0 U100 V0 F600', 'G1 X100 Y100 U100 V100', 'M5'];

describe('the stand-in controller', () => {
  it('does every kind of job in the time that is foretold of it, to 0.5 %', async () => {
    for (const j of [outlineJob(), coreJob(), turnedJob(), combJob()]) {
      const { machine, lines, seconds } = job(j);
      const b = bench(lines, machine);
      const took = await b.whole();
      expect(Math.abs(took / seconds - 1), `${took} s for ${seconds} s`).toBeLessThan(0.005);
      expect((await b.port.report()).line).toBe(lines.length);
      expect((await b.port.report()).heat).toBe(0);
    }
  });
  it('answers each line: unknown words, no room, and after a stop until it is homed', async () => {
    const { port } = bench([]);
    expect(await port.send('G21 G90 G94')).toEqual({ ok: true });
    expect(await port.send('G1 X10 F60 Q9')).toMatchObject({
      ok: false,
      why: expect.stringContaining('Q9') as string,
    });
    let taken = 0;
    while ((await port.send('G1 X100 U100 F60')).ok) taken++;
    // 256 lines that are not done yet.
    expect(taken).toBe(256);
    await port.stop();
    expect(await port.send('G0 X0')).toMatchObject({ ok: false, why: 'stopped: home it first' });
    await port.home();
    expect(await port.send('G21 G90 G94')).toEqual({ ok: true });
  });
  it('holds where it is with the heat on, and goes on to the same end', async () => {
    const plain = bench(AWAY);
    const took = await plain.whole();
    const b = bench(AWAY);
    await b.run(5);
    await b.port.hold();
    const held = await b.port.report();
    expect(held).toMatchObject({ state: 'held', heat: 1 });
    // From home at −300 to 100 at 10 mm/s over 566 mm of four axes: 5 s are about 35 mm of each along.
    expect(held.at[0]).toBeGreaterThan(-300);
    b.time.s += 30;
    expect((await b.port.report()).at).toEqual(held.at);
    await b.port.resume();
    const whole = await b.whole();
    expect((await b.port.report()).at).toEqual([100, 100, 100, 100]);
    // The hold, and once more from and to rest: 10 mm/s at 100 mm/s² cost 0.1 s; a place on a way is by the share of its time.
    expect(Math.abs(whole - took - 30)).toBeLessThan(0.3);
  });
  it('a pause waits for a hand, a way out of travel stops it', async () => {
    const b = bench(['G21 G90 G94', 'G1 X10 U10 F600', 'M0 (turn it)', 'G1 X20 U20']);
    await b.whole();
    expect(await b.port.report()).toMatchObject({ state: 'waiting' });
    await b.port.resume();
    await b.whole();
    expect((await b.port.report()).at[0]).toBe(20);
    const far = bench(['G21 G90 G94', 'G1 X5000 F600']);
    await far.whole();
    expect(await far.port.report()).toMatchObject({
      state: 'alarm',
      why: 'axis X would leave its travel on line 2',
    });
  });
  it.each<[ControllerFault]>([['lost-steps'], ['switch'], ['refused'], ['link']])(
    'can be given a fault: %s',
    async (fault) => {
      const b = bench(AWAY, MACHINE, { fault, line: 4 });
      if (fault === 'link') {
        await expect(b.whole()).rejects.toThrow(LinkLost);
        // What it holds it does all the same, and then stands hot: only a hand at the machine ends that.
        b.time.s += 1000;
        expect(b.port.truly()).toMatchObject({ heat: 1, state: 'ready', at: [100, 100, 100, 100] });
        await b.port.stop();
        expect(b.port.truly().heat).toBe(0);
        await b.port.home();
        expect((await b.port.report()).state).toBe('ready');
        return;
      }
      await b.whole();
      const report = await b.port.report();
      if (fault === 'lost-steps') {
        // It does not know, and ends as if nothing had been.
        expect(report.at).toEqual([100, 100, 100, 100]);
        expect(b.port.truly().at[0]).toBeCloseTo(97.5, 9);
      }
      if (fault === 'switch') {
        expect(report).toMatchObject({ state: 'alarm', heat: 0, why: 'a limit switch opened on line 4' });
        expect(report.at[1]).toBeGreaterThan(-300);
        expect(report.at[1]).toBeLessThan(100);
      }
      if (fault === 'refused') {
        expect(await b.sender.pump()).toEqual({ lines: 3, refused: 'the line came torn' });
        // It stands where its lines ended, hot.
        expect(report).toMatchObject({ state: 'ready', heat: 1, line: 3 });
        expect((await b.sender.pump(true)).refused).toBeNull();
        await b.whole();
        expect(await b.port.report()).toMatchObject({ line: 5, heat: 0 });
      }
    },
  );
  it('a dry run has the same lines and never any heat', async () => {
    const { machine, lines } = job(outlineJob());
    const dry = dryLines(lines);
    expect(dry.length).toBe(lines.length);
    expect(dry.filter((l) => /^(M3|M5|G4)/.test(l)).length).toBe(lines.filter((l) => /^G4/.test(l)).length - 1);
    const b = bench(dry, machine);
    for (let hot = 0; (await b.port.report()).line < dry.length; b.time.s += 1) {
      await b.sender.pump();
      hot = Math.max(hot, (await b.port.report()).heat);
      expect(hot).toBe(0);
    }
  });
});
