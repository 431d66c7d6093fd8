'use client';
import { useEffect, useRef, type PointerEvent } from 'react';
import { arcNear, placeAt, trackOf, type Course } from '@/core/practice/course';
import type { LeadSession } from '@/core/practice/session';
import type { Aim, Spot } from '@/core/practice/moment';
import { useWidth } from '@/ui/useWidth';
import { coloursOf, sized, viewOf } from './lay';
import { paintGround, paintKerf, paintRing, paintWire } from './paint';
import css from './practice.module.css';

/** How far along its line a pointer may draw a wire at once, mm. */
const REACH = 40;
const FIRST_PX = 640;

/** What a panel paints a frame with. */
export type Painter = (session: LeadSession, begin: boolean) => void;

/** One end of the bench to scale: foam and line below, kerf between, the wire on top; a pointer leads it. */
export function Panel(p: {
  course: Course;
  end: 'near' | 'far';
  name: string;
  height: number;
  diameterMm: number;
  session: () => LeadSession | null;
  /** Where a called pass should be now. */
  ring: () => Aim | null;
  onAim: (end: 'near' | 'far', arc: number | null) => void;
  /** Takes the function that paints a frame of it. */
  painter: (end: 'near' | 'far', paint: Painter | null) => void;
  smoke: () => boolean;
  still: boolean;
  /** The foam is pushed past a wire that stands. */
  pushed: boolean;
}) {
  const [about, width] = useWidth(FIRST_PX);
  const ground = useRef<HTMLCanvasElement>(null);
  const kerf = useRef<HTMLCanvasElement>(null);
  const top = useRef<HTMLCanvasElement>(null);
  const held = useRef<{ id: number; x: number; arc: number } | null>(null);
  const was = useRef<Spot | null>(null);
  const { course, end, height, pushed, session, ring, painter, smoke, still, diameterMm, onAim } = p;
  useEffect(() => {
    const g = ground.current && sized(ground.current, width, height);
    const k = kerf.current && sized(kerf.current, width, height);
    const w = top.current && sized(top.current, width, height);
    if (!g || !k || !w || !ground.current) return;
    const view = viewOf(course, width, height, pushed);
    let colours = coloursOf(ground.current);
    // A theme that is changed is painted anew.
    const base = () => {
      colours = coloursOf(ground.current!);
      paintGround(g, {
        course,
        end,
        track: trackOf(course[end], course.faces[end]),
        view,
        colours,
        width,
        height,
      });
    };
    base();
    // For a look from outside: where a millimetre lies.
    top.current!.dataset['lay'] = JSON.stringify({ x: view.x(0), y: view.y(0), scale: view.scale });
    k.clearRect(0, 0, width, height);
    w.clearRect(0, 0, width, height);
    const watch = new MutationObserver(base);
    watch.observe(document.documentElement, { attributes: true, attributeFilter: ['data-color-scheme'] });
    painter(end, (s, begin) => {
      if (begin) k.clearRect(0, 0, width, height);
      const spot = s.now.spots[end];
      if (!begin && was.current) paintKerf(k, view, was.current, spot, colours);
      was.current = spot;
      if (pushed) {
        const moved = `translateX(${view.shift(spot.at[0])}px)`;
        ground.current!.style.transform = moved;
        kerf.current!.style.transform = moved;
      }
      const aim = placeAt(s.run[end], s.aimed[end]);
      w.clearRect(0, 0, width, height);
      const call = ring();
      if (call) paintRing(w, view, placeAt(s.run[end], call[end]), colours);
      paintWire(w, { view, end, m: s.now, aim, colours, diameterMm, smoke: smoke(), still, width, height });
    });
    return () => {
      watch.disconnect();
      painter(end, null);
    };
  }, [course, end, width, height, painter, smoke, still, diameterMm, ring, pushed]);

  useEffect(() => {
    // Let go of the pointer, the keys lead again.
    const change = () => document.pointerLockElement === null && onAim(end, null);
    document.addEventListener('pointerlockchange', change);
    return () => document.removeEventListener('pointerlockchange', change);
  }, [onAim, end]);

  const aim = (e: PointerEvent<HTMLCanvasElement>) => {
    const s = session();
    if (!s) return;
    const view = viewOf(course, width, height, pushed);
    const track = s.run[end];
    if (document.pointerLockElement === e.currentTarget) {
      if (pushed) {
        const arc = s.aimed[end] - e.movementX / view.scale;
        return onAim(end, Math.min(track.length, Math.max(0, arc)));
      }
      const [x, y] = placeAt(track, s.aimed[end]);
      const to: [number, number] = [x + e.movementX / view.scale, y - e.movementY / view.scale];
      onAim(end, arcNear(track, to, s.aimed[end], REACH));
      return;
    }
    if (held.current?.id !== e.pointerId) return;
    if (pushed) {
      const arc = held.current.arc + (held.current.x - e.clientX) / view.scale;
      return onAim(end, Math.min(track.length, Math.max(0, arc)));
    }
    const box = e.currentTarget.getBoundingClientRect();
    onAim(end, arcNear(track, view.mm(e.clientX - box.left, e.clientY - box.top), s.aimed[end], REACH));
  };
  return (
    <div ref={about} className={css.panel} style={{ height }}>
      <span className={css.panelName}>{p.name}</span>
      <canvas ref={ground} aria-hidden />
      <canvas ref={kerf} aria-hidden />
      <canvas
        ref={top}
        role="img"
        aria-label={`${p.name}: the wire on its line, to scale`}
        data-end={end}
        onPointerDown={(e) => {
          held.current = { id: e.pointerId, x: e.clientX, arc: session()?.aimed[end] ?? 0 };
          e.currentTarget.setPointerCapture(e.pointerId);
          aim(e);
        }}
        onPointerMove={aim}
        onPointerUp={() => {
          held.current = null;
          onAim(end, null);
        }}
        onPointerCancel={() => {
          held.current = null;
          onAim(end, null);
        }}
      />
    </div>
  );
}
