'use client';
import type { Section } from '@/core/documents/section';
import { usePieces } from '@/state/PlanContext';
import { SectionEnd } from '@/ui/SectionEnd';
import { later } from '@/ui/later';
import { PlanNumber, usePlanField } from './fields';
import { END_NAMES } from './words';

const SectionDialog = later(() => import('./SectionDialog').then((m) => m.SectionDialog));

/** One end of the piece: which section, how large. */
export function EndFields({ end }: { end: 'root' | 'tip' }) {
  const at = `piece.${end}`;
  const { open } = usePieces();
  const section = usePlanField<Section>(`${at}.section`, `${end} section`);
  return (
    <SectionEnd
      name={END_NAMES[end]}
      path={at}
      section={section.value}
      onSection={section.set}
      onTaken={(s, chord) =>
        open?.store.getState().edit(`${end} from a file`, { piece: { [end]: { section: s, ...chord } } })
      }
      dialog={(p) => <SectionDialog end={end} {...p} />}
    >
      <PlanNumber path={`${at}.chordMm`} label="Chord" role="foamSize" />
    </SectionEnd>
  );
}
