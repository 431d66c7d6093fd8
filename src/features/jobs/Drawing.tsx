'use client';
import type { OwnJob } from '@/core/documents/job';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { later } from '@/ui/later';
import { BoardDrawing } from './board/BoardDrawing';
import { BuildDrawing } from './build/BuildDrawing';
import { LoopDrawing } from './loop/LoopDrawing';
import { SlicerDrawing } from './slicer/SlicerDrawing';
import { CutoutDrawing } from './table/CutoutDrawing';
import { DiscDrawing } from './table/DiscDrawing';
import { StripsDrawing } from './table/StripsDrawing';

/** Work of motor towers comes with its own page's part: other cutters do without it. */
const TowersDrawing = later(() => import('./towers/Towers').then((m) => m.TowersDrawing));

/** A job drawn to scale. */
export function Drawing({ job, sheet }: { job: OwnJob; sheet: WorksheetFigures }) {
  switch (job.kind) {
    case 'sheets':
      return <SlicerDrawing job={job} sheet={sheet} />;
    case 'strips':
      return <StripsDrawing job={job} sheet={sheet} />;
    case 'disc':
      return <DiscDrawing job={job} sheet={sheet} />;
    case 'cutout':
      return <CutoutDrawing job={job} sheet={sheet} />;
    case 'groove':
      return <LoopDrawing job={job} sheet={sheet} />;
    case 'segments':
      return <BoardDrawing job={job} sheet={sheet} />;
    case 'outline':
    case 'core':
    case 'turned':
    case 'comb':
      return <TowersDrawing job={job} />;
    case 'build':
      return <BuildDrawing job={job} sheet={sheet} />;
  }
}
