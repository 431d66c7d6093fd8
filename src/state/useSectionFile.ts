'use client';
import { useEffect, useRef, useState } from 'react';
import type { SectionAnswer } from '@/workers/protocol';
import { readSectionFile } from './readSectionFile';

/** What a drawing or a coordinate file holds. */
export type SectionFile = Extract<SectionAnswer, { ok: true }>['file'];
const MOST_BYTES = 4 * 1024 * 1024;

/**
 * A file with an outline, read in a worker; gaps up to `gap` mm are joined, and one outline is chosen of several: the largest, or what
 * `first` finds, until another is.
 */
export function useSectionFile(first?: (found: Extract<SectionFile, { kind: 'outlines' }>) => number) {
  const [text, setText] = useState<{ name: string; text: string } | null>(null);
  const [gap, setGap] = useState(0.2);
  const [file, setFile] = useState<SectionFile | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [picked, choose] = useState<number | null>(null);
  const asked = useRef(0);
  useEffect(() => {
    if (!text) return;
    const mine = ++asked.current;
    void readSectionFile({ text: text.text, toleranceMm: gap }).then((a) => {
      if (mine !== asked.current) return;
      setFile(a.ok ? a.file : null);
      setFault(a.ok ? null : `${text.name} ${a.fault}.`);
      choose(null);
    });
  }, [text, gap]);
  const take = async (f: File) => {
    if (f.size > MOST_BYTES) return setFault(`${f.name} is larger than 4 MB.`);
    setText({ name: f.name, text: await f.text() });
  };
  const likely = file?.kind === 'outlines' ? (first?.(file) ?? 0) : 0;
  const chosen = picked ?? likely;
  return { name: text?.name ?? null, gap, setGap, file, fault, chosen, choose, take };
}
