'use client';
import type { ComponentProps } from 'react';
import { inChords } from '@/formats/section/outline';
import { useSectionFile } from '@/state/useSectionFile';
import { SectionTake } from '@/ui/SectionTake';

/** A section of the piece from a file. */
export const SectionDialog = (p: Omit<ComponentProps<typeof SectionTake>, 'read' | 'inChords'>) => (
  <SectionTake {...p} read={useSectionFile()} inChords={inChords} />
);
