'use client';
import {
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartDataset,
} from 'chart.js';
import { useColorScheme } from '@mui/material/styles';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Rig } from '@/core/documents/rig';
import { feedSd } from '@/core/engine/reading';
import type { WindowCurve } from '@/core/engine/windowCurve';
import { text } from '@/core/units/format';
import { unitFor, type Profile } from '@/core/units/profile';
import { SETTING_ROLE } from '@/core/words/control';
import type { CutRecord } from '@/state/types';
import { useUnits } from '@/ui/Units';
import { useFontsReady } from '@/ui/chart/useFontsReady';
import { useWidth } from '@/ui/useWidth';
import css from './chart.module.css';
import { Edge } from './Edge';
import { labelPlace, marksOf, MARKS, type Mark } from './marks';
import type { Evaluation } from '@/core/engine/evaluation';

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler);

type Point = { x: number; y: number };
/** How the chart's plane lies on the screen, so that marks laid over it need no new drawing. */
interface Plane {
  readonly x: (v: number) => number;
  readonly y: (v: number) => number;
  readonly box: { left: number; right: number; top: number; bottom: number };
}

/** Room that "fume from 350 °C in air" takes with its distance from the line, px. */
const FUME_WIDE = 142;

/** Feed against the dial: where it cuts clean, where this rig stands, and every logged cut. */
export function WindowChart(p: {
  curve: WindowCurve | null;
  stale: boolean;
  e: Evaluation;
  rig: Rig;
  cuts: readonly CutRecord[];
  height: number;
}) {
  const { profile } = useUnits();
  const { mode, systemMode } = useColorScheme();
  const [ref, width] = useWidth(440);
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart<'line', Point[]> | null>(null);
  const [plane, setPlane] = useState<Plane | null>(null);
  const fonts = useFontsReady();
  const { curve, rig } = p;
  const sd = feedSd(rig);
  const reserve = p.e.s.reserve;

  useEffect(() => {
    if (!canvas.current || !curve) return;
    const made = new Chart<'line', Point[]>(canvas.current, {
      type: 'line',
      data: { datasets: [] },
      options: { animation: false, responsive: false, maintainAspectRatio: false, parsing: false, events: [] },
    });
    chart.current = made;
    return () => {
      made.destroy();
      chart.current = null;
    };
  }, [curve !== null]); // eslint-disable-line react-hooks/exhaustive-deps

  useEffect(() => {
    const c = chart.current;
    if (!c || !curve) return;
    const role = colourRoles();
    c.data.datasets = datasets(curve, sd, reserve, profile, role);
    const top = topOf(curve);
    c.options.scales = scales(curve, rig, top, profile, role);
    c.resize(width, p.height);
    c.update('none');
    const { x, y } = c.scales;
    setPlane({ x: (v) => x!.getPixelForValue(v), y: (v) => y!.getPixelForValue(v), box: { ...c.chartArea } });
  }, [curve, sd, reserve, profile, width, p.height, mode, systemMode, fonts, rig.control.kind]); // eslint-disable-line react-hooks/exhaustive-deps

  return (
    <div ref={ref} className={css.chart} data-stale={p.stale} style={{ height: p.height }}>
      {curve ? (
        <>
          <canvas ref={canvas} width={width} height={p.height} role="img" aria-label={inWords(p.e, profile)} />
          {plane && <Overlay plane={plane} {...p} curve={curve} sd={sd} profile={profile} />}
        </>
      ) : (
        <p className={css.empty}>
          {p.stale ? 'Working out the window …' : 'No clean window can be drawn for this foam.'}
        </p>
      )}
    </div>
  );
}

function inWords(e: Evaluation, profile: Profile): string {
  const w = e.window;
  if (!w.fastest || w.slowest === null) return 'Clean-cut window. At this setting the wire is too cold to cut.';
  const say = (v: number) => text(v * 1000, 'feed', profile);
  return `Clean-cut window. At this setting it cuts clean from ${say(w.slowest)} to ${say(w.fastest.feed)}.`;
}

const slowOf = (c: WindowCurve, i: number) => Math.max(c.meltBack[i]!, c.fume[i]! > 0 ? c.fume[i]! : 0);

function topOf(c: WindowCurve): number {
  const last = c.fastest.filter((v) => v > 0);
  return Math.max(1, (last[last.length - 1] ?? 1) * 1.04);
}

function colourRoles(): (name: string) => string {
  const style = getComputedStyle(document.documentElement);
  return (name) => style.getPropertyValue(`--${name}`).trim();
}

function datasets(
  c: WindowCurve,
  sd: number,
  reserve: number,
  profile: Profile,
  role: (n: string) => string,
): ChartDataset<'line', Point[]>[] {
  const feed = unitFor('feed', profile);
  const line = (y: (i: number) => number) =>
    c.x.map((x, i) => ({ x, y: feed.fromBase(y(i)) })).filter((q) => Number.isFinite(q.y));
  const plain = { pointRadius: 0, tension: 0, borderColor: role('ink') };
  const up = Math.exp(sd);
  return [
    {
      ...plain,
      label: 'fastest',
      data: line((i) => c.fastest[i]!),
      borderWidth: 2.2,
      order: 9,
      fill: 1,
      backgroundColor: role('clean'),
    },
    // Where the clean band ends below; the two edges that make it are drawn by themselves.
    { ...plain, label: 'min clean feed', data: line((i) => slowOf(c, i)), borderWidth: 0 },
    { ...plain, label: 'melt-back', data: line((i) => c.meltBack[i]!), borderWidth: 2, borderDash: [6, 4] },
    { ...plain, label: 'fume', data: line((i) => c.fume[i]!), borderWidth: 2, borderDash: [2, 3] },
    {
      ...plain,
      label: 'advised',
      data: line((i) => Math.max(c.fastest[i]! * reserve, Math.sqrt(c.fastest[i]! * slowOf(c, i)))),
      borderColor: role('act'),
      borderWidth: 1.4,
      borderDash: [1, 3],
    },
    {
      ...plain,
      label: 'range, high',
      data: line((i) => c.fastest[i]! * up),
      borderColor: role('edge'),
      borderWidth: 1,
    },
    {
      ...plain,
      label: 'range, low',
      data: line((i) => c.fastest[i]! / up),
      borderColor: role('edge'),
      borderWidth: 1,
    },
  ];
}

function scales(c: WindowCurve, rig: Rig, top: number, profile: Profile, role: (n: string) => string) {
  const feed = unitFor('feed', profile);
  const along =
    c.along === 'amps' ? unitFor('amps', profile) : unitFor(SETTING_ROLE[rig.control.kind] ?? 'count', profile);
  const ticks = (max: number) => ({
    color: role('dim'),
    font: { family: 'Barlow Semi Condensed', size: 13 },
    maxTicksLimit: max,
    includeBounds: false,
  });
  return {
    x: {
      type: 'linear' as const,
      min: c.x[0]!,
      max: c.x[c.x.length - 1]!,
      grid: { color: role('line') },
      ticks: {
        ...ticks(6),
        callback: (v: string | number) => `${Number(along.fromBase(Number(v)).toPrecision(3))} ${along.symbol}`,
      },
    },
    y: {
      type: 'linear' as const,
      min: 0,
      max: feed.fromBase(top),
      grid: { color: role('line') },
      ticks: { ...ticks(6), callback: (v: string | number) => `${Number(Number(v).toPrecision(3))}` },
      title: {
        display: true,
        text: `feed, ${feed.symbol}`,
        color: role('dim'),
        font: { family: 'Atkinson Hyperlegible Next Variable', size: 13 },
      },
    },
  };
}

function Overlay(p: {
  plane: Plane;
  curve: WindowCurve;
  e: Evaluation;
  rig: Rig;
  cuts: readonly CutRecord[];
  sd: number;
  profile: Profile;
}) {
  const { plane, curve, e } = p;
  const feed = unitFor('feed', p.profile);
  const { box } = plane;
  const inX = (v: number) => Math.min(box.right, Math.max(box.left, plane.x(v)));
  const inY = (v: number) => Math.min(box.bottom, Math.max(box.top, plane.y(feed.fromBase(v))));
  const at = curve.along === 'amps' ? e.idle.cutAmps : (p.rig.control.setting ?? 0);
  const v = e.feed === null || e.off ? null : e.feed * 1000;
  const fastest = e.window.fastest && !e.off ? e.window.fastest.feed * 1000 : null;
  const i = Math.floor(curve.x.length * 0.72);
  const cleanY = curve.fastest[i]! * 0.62 + slowOf(curve, i) * 0.38 || 0;
  const roomy = inY(slowOf(curve, i)) - inY(curve.fastest[i]!) > 30;
  const marks = useMemo(() => marksOf(p.cuts, curve.along), [p.cuts, curve.along]);
  const drawn = marks.map((m) => ({ mark: m.mark, x: inX(m.x), y: inY(m.feedMmS) }));
  const x = inX(at);
  const from = curve.fume.findIndex((v) => v > 0);
  // The edge begins in the midst of the chart, or it is there from the first setting on.
  const fumeLeft = from > 0 && inX(curve.x[from]!) - box.left > FUME_WIDE;
  const fumeFrom = from > 0 && inX(curve.x[from]!) < box.right - 4 ? curve.x[from]! : null;
  return (
    <svg className={css.overlay} aria-hidden="true">
      <text x={box.left + 14} y={box.top + 26} className={css.region}>
        wire drags and bows
      </text>
      {cleanY > 0 && roomy && (
        <text x={inX(curve.x[i]!)} y={inY(cleanY) + 4} textAnchor="middle" className={css.clean}>
          clean
        </text>
      )}
      <Edge name="melt-back" curve={curve} of={curve.meltBack} inX={inX} inY={inY} />
      <Edge name="fume" curve={curve} of={curve.fume} inX={inX} inY={inY} />
      {fumeFrom !== null && (
        <>
          <path d={`M${inX(fumeFrom)} ${box.top} V${box.bottom}`} className={css.begins} />
          <text
            x={inX(fumeFrom) + (fumeLeft ? -6 : 6)}
            y={box.top + 46}
            textAnchor={fumeLeft ? 'end' : 'start'}
            className={css.edge}
          >
            fume from {text(e.s.melt!.fumeC, 'temperature', p.profile)} in air
          </text>
        </>
      )}
      {drawn.map((m, k) => (
        <MarkShape key={k} {...m} />
      ))}
      {fastest !== null && (
        <path
          d={`M${x} ${inY(fastest * Math.exp(p.sd))} V${inY(fastest * Math.exp(-p.sd))} M${x - 6} ${inY(fastest * Math.exp(p.sd))} h12 M${x - 6} ${inY(fastest * Math.exp(-p.sd))} h12`}
          className={css.spread}
        />
      )}
      {v !== null && <circle cx={x} cy={inY(v)} r={7} className={css.point} />}
      {v !== null && (
        <text {...labelPlace(x, inY(v), box, drawn)} className={css.here}>
          {text(v, 'feed', p.profile)}
        </text>
      )}
    </svg>
  );
}

/** The mark of a logged cut: each grade has a shape of its own. */
export function MarkShape({ mark, x, y }: { mark: Mark; x: number; y: number }) {
  const { path, filled } = MARKS[mark];
  return <path transform={`translate(${x} ${y})`} d={path} className={filled ? css.markFull : css.mark} />;
}
