'use client';
import { useColorScheme } from '@mui/material/styles';
import {
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  LogarithmicScale,
  PointElement,
  type ChartDataset,
} from 'chart.js';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { useWidth } from '../useWidth';
import css from './plot.module.css';
import { useFontsReady } from './useFontsReady';

Chart.register(LineController, LineElement, PointElement, LinearScale, LogarithmicScale, Filler);

type Point = { x: number; y: number };
/** A line of a chart; its colour is a role of the palette. */
export interface Line {
  readonly name: string;
  readonly points: readonly Point[];
  readonly colour: string;
  readonly width?: number;
  readonly dash?: readonly number[];
  /** Radius of a mark at each point. */
  readonly marks?: number;
  readonly filled?: boolean;
}
export interface Axis {
  readonly title: string;
  readonly min: number;
  readonly max: number;
  readonly log?: boolean;
  /** A tick in words; the number alone otherwise. */
  readonly tick?: (v: number) => string;
}
/** How the chart's plane lies on the screen, for what is drawn over it. */
export interface Plane {
  readonly x: (v: number) => number;
  readonly y: (v: number) => number;
  readonly box: { left: number; right: number; top: number; bottom: number };
}

/** Lines on two axes. What it says is given in words too; `over` is drawn on its plane in SVG. */
export function Plot(p: {
  lines: readonly Line[];
  x: Axis;
  y: Axis;
  height: number;
  label: string;
  over?: (plane: Plane) => ReactNode;
}) {
  const { mode, systemMode } = useColorScheme();
  const [ref, width] = useWidth(560);
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart<'line', Point[]> | null>(null);
  const [plane, setPlane] = useState<Plane | null>(null);
  const fonts = useFontsReady();
  useEffect(() => {
    if (!canvas.current) return;
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
  }, []);
  useEffect(() => {
    const c = chart.current;
    if (!c) return;
    const style = getComputedStyle(document.documentElement);
    const role = (name: string) => style.getPropertyValue(`--${name}`).trim();
    c.data.datasets = p.lines.map((line): ChartDataset<'line', Point[]> => ({
      label: line.name,
      data: [...line.points],
      borderColor: role(line.colour),
      backgroundColor: role(line.colour),
      borderWidth: line.width ?? 2,
      borderDash: [...(line.dash ?? [])],
      pointRadius: line.marks ?? 0,
      pointHoverRadius: line.marks ?? 0,
      fill: line.filled ?? false,
      tension: 0,
      showLine: (line.width ?? 2) > 0,
    }));
    const axis = (a: Axis) => ({
      type: a.log ? ('logarithmic' as const) : ('linear' as const),
      min: a.min,
      max: a.max,
      grid: { color: role('line') },
      ticks: {
        color: role('dim'),
        font: { family: 'Barlow Semi Condensed', size: 13 },
        maxTicksLimit: 8,
        includeBounds: false,
        callback: (v: string | number) => (a.tick ? a.tick(Number(v)) : `${Number(Number(v).toPrecision(3))}`),
      },
      title: {
        display: true,
        text: a.title,
        color: role('dim'),
        font: { family: 'Atkinson Hyperlegible Next Variable', size: 13 },
      },
    });
    c.options.scales = { x: axis(p.x), y: axis(p.y) };
    c.resize(width, p.height);
    c.update('none');
    const { x, y } = c.scales;
    setPlane({ x: (v) => x!.getPixelForValue(v), y: (v) => y!.getPixelForValue(v), box: { ...c.chartArea } });
  }, [p.lines, p.x, p.y, p.height, width, mode, systemMode, fonts]);
  return (
    <div ref={ref} className={css.plot} style={{ height: p.height }}>
      <canvas ref={canvas} width={width} height={p.height} role="img" aria-label={p.label} />
      {plane && p.over && (
        <svg className={css.over} aria-hidden="true">
          {p.over(plane)}
        </svg>
      )}
    </div>
  );
}

/** What each line of a chart is, in the order they are given. */
export function PlotKey({ lines }: { lines: readonly Line[] }) {
  return (
    <p className={css.key}>
      {lines.map((l) => (
        <span key={l.name}>
          <svg width="26" height="10" aria-hidden="true">
            <path
              d="M1 5h24"
              stroke={`var(--${l.colour})`}
              strokeWidth={l.width ?? 2}
              strokeDasharray={l.dash?.join(' ')}
            />
          </svg>
          {l.name}
        </span>
      ))}
    </p>
  );
}
