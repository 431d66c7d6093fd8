import type { ReactNode } from 'react';
import type { Seen } from '@/core/documents/log';

/** A cut face, 120 by 76, drawn as seen from where it was cut; the wire ran from left to right. */
const FACE = 'M8 22 L104 22 L104 66 L8 66 Z';
const TOP = 'M8 22 L18 10 L114 10 L104 22 Z';
const SIDE = 'M104 22 L114 10 L114 54 L104 66 Z';

const ink = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 1.6,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;

function Block({ face = FACE, children }: { face?: string; children?: ReactNode }) {
  const side = { stroke: 'var(--foamEdge)', strokeWidth: 1, strokeLinejoin: 'round' } as const;
  return (
    <>
      <path d={TOP} fill="var(--foam)" {...side} />
      <path d={SIDE} fill="var(--foam)" {...side} />
      <path d={face} fill="var(--sheet)" {...side} />
      {children}
    </>
  );
}

/** Across the wire, a block from its end: where the kerf runs, and how wide. */
function End({ children, bowed = false }: { children?: ReactNode; bowed?: boolean }) {
  return (
    <>
      <rect x="8" y="10" width="104" height="56" fill="var(--foam)" stroke="var(--foamEdge)" />
      {bowed && <path d="M8 38 H112" stroke="var(--line)" strokeDasharray="3 3" />}
      {children}
    </>
  );
}

const PICTURES: Record<Seen, ReactNode> = {
  hairs: (
    <Block>
      <path
        {...ink}
        strokeWidth={1}
        d="M16 30q7 3 12-2M34 44q6-5 12 1M60 33q6 4 11-1M80 52q7-4 12 2M24 57q6 3 10-1M50 60q7-5 13 0M90 32q4 5 9 2"
      />
    </Block>
  ),
  gloss: (
    <Block>
      <path d={FACE} fill="var(--line)" />
      <path d="M22 62 L52 26 M36 62 L66 26 M74 62 L98 34" stroke="var(--sheet)" strokeWidth="5" />
    </Block>
  ),
  grooves: (
    <Block>
      <path {...ink} strokeWidth={3} d="M10 33H102M10 45H102M10 57H102" opacity="0.75" />
      <path d="M10 35.5H102M10 47.5H102M10 59.5H102" stroke="var(--line)" strokeWidth="2" />
    </Block>
  ),
  steps: (
    <Block face="M8 22 L36 22 L36 29 L70 29 L70 25 L104 25 L104 66 L8 66 Z">
      <path {...ink} d="M8 22H36V29H70V25H104" />
      <path {...ink} strokeWidth={1} d="M36 29V66M70 25V66" opacity="0.6" />
    </Block>
  ),
  ragged: (
    <End>
      <path
        d="M8 33l9-4 8 5 9-6 9 5 8-4 9 6 8-5 9 4 9-5 9 4 9-3 8 4v13l-8-4-9 5-8-5-9 5-9-6-8 5-9-4-9 5-8-5-9 5-8-4-9 4z"
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
    </End>
  ),
  'drag-lines': (
    <Block>
      <path
        {...ink}
        strokeWidth={1.2}
        d="M18 24q8 20-2 40M32 24q9 20-2 40M46 24q9 20-2 40M60 24q9 20-2 40M74 24q9 20-2 40M88 24q9 20-2 40"
      />
    </Block>
  ),
  hollow: (
    <End bowed>
      <path {...ink} strokeWidth={3} d="M8 38Q60 58 112 38" />
    </End>
  ),
  skew: (
    <Block>
      <path {...ink} strokeWidth={1.2} d="M14 26l18 36M34 26l18 36M54 26l18 36M74 26l18 36" />
      <path {...ink} strokeWidth={2.2} d="M8 22V66" />
    </Block>
  ),
  'eaten-tail': (
    <>
      <path
        d="M8 40Q34 16 66 30Q80 35 90 38l-6 3 8 2-9 3Q70 49 60 50Q26 56 8 40Z"
        fill="var(--foam)"
        stroke="var(--foamEdge)"
        strokeLinejoin="round"
      />
      <path {...ink} d="M90 38l-6 3 8 2-9 3" />
      <path d="M92 39L114 43L86 46" fill="none" stroke="var(--edge)" strokeDasharray="3 3" />
    </>
  ),
  smoke: (
    <End>
      <path {...ink} strokeWidth={3} d="M8 50H112" />
      <path
        {...ink}
        strokeWidth={1.6}
        d="M36 44q-7-8 0-14t0-14M60 44q-7-8 0-14t0-14M84 44q-7-8 0-14t0-14"
        opacity="0.8"
      />
    </End>
  ),
  snag: (
    <Block>
      <path {...ink} strokeWidth={2.4} d="M8 44H46" />
      <path
        d="M46 36l7 6 8-8 2 9 10-2-5 8 8 6-10 1-2 8-7-6-9 4 1-9-8-5z"
        fill="var(--line)"
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
      <path {...ink} strokeWidth={1.4} d="M78 44H102" strokeDasharray="4 4" />
    </Block>
  ),
};

/** A drawn example of what can be seen on a cut. Made for this program. */
export function SeenPicture({ seen, width = 120 }: { seen: Seen; width?: number }) {
  return (
    <svg viewBox="0 0 120 76" width={width} height={(width * 76) / 120} aria-hidden="true">
      {PICTURES[seen]}
    </svg>
  );
}
