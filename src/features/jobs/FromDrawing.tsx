'use client';
import { useState, type ReactNode } from 'react';
import { useSectionFile, type SectionFile } from '@/state/useSectionFile';
import { PickAgain } from '@/ui/PickFile';
import { TakeDialog } from '@/ui/TakeDialog';

/** A drawing as it was read, which outline of it is chosen, and up to which gap its lines are joined. */
export type Drawn = Extract<SectionFile, { kind: 'outlines' }> &
  Pick<ReturnType<typeof useSectionFile>, 'chosen' | 'choose' | 'gap' | 'setGap'>;
/** What is to be taken of it, or why it cannot be. */
export type Wanted<T> = { readonly take: T } | { readonly rule: string } | null;

/** Something out of a drawing at its own size: it is looked at first, and nothing is taken until it is said so. */
export function FromDrawing<T>(p: {
  title: string;
  says: string;
  /** What is kept where nothing is taken, as in "The parts stay as they were." */
  stays: string;
  want: (drawn: Drawn) => Wanted<T>;
  onTake: (taken: T) => string | null;
  onClose: () => void;
  children: (drawn: Drawn, wanted: Wanted<T>) => ReactNode;
}) {
  const { name, gap, setGap, file, fault, chosen, choose, take } = useSectionFile();
  const [refused, refuse] = useState<string | null>(null);
  const drawn = file?.kind === 'outlines' ? { ...file, chosen, choose, gap, setGap } : null;
  const wanted = drawn && p.want(drawn);
  const keep = () => {
    if (!wanted) return;
    const rule = 'rule' in wanted ? wanted.rule : p.onTake(wanted.take);
    if (rule === null) p.onClose();
    refuse(rule);
  };
  const wrong = fault ?? refused;
  const noSize =
    file?.kind === 'section' ? 'This file holds coordinates of a section, not a drawing with a size.' : null;
  return (
    <TakeDialog
      title={p.title}
      fault={wrong ? `${wrong} ${p.stays}` : noSize}
      ready={wanted !== null}
      onTake={keep}
      onClose={p.onClose}
    >
      <p className="dim">{p.says}</p>
      <PickAgain
        name="Drawing"
        what="file"
        chosen={name !== null}
        accept=".dxf,.svg"
        onFile={(f) => void take(f)}
      />
      {drawn && p.children(drawn, wanted)}
    </TakeDialog>
  );
}
