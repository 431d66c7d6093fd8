'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Machine } from '@/core/documents/machine';
import { LinkLost, type ControllerReport, type Injected } from '@/devices/controller/port';
import { dryLines, Sender } from '@/devices/controller/sender';
import { StandInController } from '@/devices/controller/standIn';

/** Between two looks at the controller, ms; and the most that its clock goes on from one to the next, s: a sleeping page does not race. */
const LOOK_MS = 60;
const MOST_STEP_S = 4;

/** How a run stands, as the page shows it. */
export interface Run {
  /** Null before it began. */
  readonly report: ControllerReport | null;
  /** Where the axes truly are: only a stand-in can be looked at. */
  readonly truly: readonly number[] | null;
  readonly cold: boolean;
  readonly phase: 'before' | 'going' | 'done' | 'broken';
  readonly refused: string | null;
  readonly linkLost: boolean;
  /** Lines that the controller has taken. */
  readonly sent: number;
  /** Seconds that it has stood hot since it last moved. */
  readonly standingS: number;
}
const BEFORE: Run = {
  report: null,
  truly: null,
  cold: true,
  phase: 'before',
  refused: null,
  linkLost: false,
  sent: 0,
  standingS: 0,
};

/** Sends a program to the stand-in and looks at it, by a clock so many times as fast as ours. */
export function useRun(machine: Machine, code: string, injected: Injected | null, speed: number) {
  const [run, setRun] = useState<Run>(BEFORE);
  const going = useRef<{ port: StandInController; sender: Sender; clock: { s: number }; cold: boolean } | null>(
    null,
  );
  const fast = useRef(speed);
  useEffect(() => void (fast.current = speed), [speed]);
  const moved = useRef({ at: '', s: 0 });

  const look = useCallback(async () => {
    const g = going.current;
    if (!g) return;
    try {
      const { lines, refused } = await g.sender.pump();
      const report = await g.port.report();
      const at = report.at.join();
      if (at !== moved.current.at || !(report.heat > 0)) moved.current = { at, s: g.clock.s };
      const all = lines === g.sender.lines.length;
      const phase =
        report.state === 'alarm' || report.state === 'stopped'
          ? 'broken'
          : report.state === 'ready' && all && report.line >= lines
            ? 'done'
            : 'going';
      setRun({
        report,
        truly: g.port.truly().at,
        cold: g.cold,
        phase,
        refused,
        linkLost: false,
        sent: lines,
        standingS: g.clock.s - moved.current.s,
      });
    } catch (e) {
      if (!(e instanceof LinkLost)) throw e;
      setRun((r) => ({ ...r, linkLost: true, phase: 'broken', truly: g.port.truly().at }));
    }
  }, []);

  const active = run.phase === 'going' || run.linkLost;
  useEffect(() => {
    if (!active) return;
    let last = performance.now();
    const timer = setInterval(() => {
      const now = performance.now();
      if (going.current) going.current.clock.s += Math.min(MOST_STEP_S, ((now - last) / 1000) * fast.current);
      last = now;
      void look();
    }, LOOK_MS);
    return () => clearInterval(timer);
  }, [active, look]);

  const start = useCallback(
    (cold: boolean) => {
      const clock = { s: 0 };
      const lines = code.trim().split('\n');
      const port = new StandInController(machine, () => clock.s, cold ? null : injected);
      going.current = { port, sender: new Sender(port, cold ? dryLines(lines) : lines), clock, cold };
      moved.current = { at: '', s: 0 };
      setRun({ ...BEFORE, cold, phase: 'going' });
    },
    [machine, code, injected],
  );
  /** Something done to the controller, looked at afterwards. */
  const act = useCallback(
    (what: (port: StandInController) => Promise<void>) => {
      const g = going.current;
      if (g)
        void what(g.port)
          .catch((e: unknown) => {
            if (!(e instanceof LinkLost)) throw e;
          })
          .then(look);
    },
    [look],
  );
  return {
    run,
    start,
    hold: () => act((p) => p.hold()),
    resume: () => act((p) => p.resume()),
    stop: () => act((p) => p.stop()),
    /** A line that was refused once more. */
    again: () => {
      const g = going.current;
      if (g) act(() => g.sender.pump(true).then(() => undefined));
    },
    /** Switched off at the machine itself, where the link is gone. */
    off: () => {
      void going.current?.port.stop();
      setRun((r) => ({ ...r, linkLost: false, phase: 'broken', standingS: 0 }));
    },
    clear: () => {
      going.current = null;
      setRun(BEFORE);
    },
  };
}
