'use client';
import { useEffect, useMemo, useRef } from 'react';
import { useWidth } from '@/ui/useWidth';
import { highFor, paintPath, type Scene } from './paint';

/** Width of a drawing before it is measured, px. */
const FIRST_PX = 560;

/** A canvas that a path is painted on after each change, as wide as what stands about it and no higher than it may be. */
export function usePaint(scene: Omit<Scene, 'width' | 'height'>, mostHigh: number) {
  const [about, width] = useWidth(FIRST_PX);
  const canvas = useRef<HTMLCanvasElement>(null);
  const { play } = scene;
  const height = useMemo(() => Math.min(mostHigh, highFor(play, width)), [play, width, mostHigh]);
  useEffect(() => {
    const on = canvas.current;
    if (!on) return;
    const frame = requestAnimationFrame(() => paintPath(on, { ...scene, width, height }));
    return () => cancelAnimationFrame(frame);
  });
  return { about, canvas, height };
}
