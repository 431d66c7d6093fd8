'use client';
import { useRouter } from 'next/navigation';
import { solve } from '@/core/engine/solve';
import type { ShelfRig } from '@/state/types';
import { Choice } from '@/ui/Choice';
import { Link } from '@/ui/Link';
import { SideBySide } from '@/ui/SideBySide';
import css from './compare.module.css';
import { places } from '@/state/places';

const NONE = '';
const MOST = 4;

/** Any two to four rigs laid side by side; which ones stands in the address. */
export function Compare({ rigs, ids }: { rigs: readonly ShelfRig[]; ids: readonly string[] }) {
  const router = useRouter();
  const laid = ids.flatMap((id) => rigs.find((r) => r.id === id) ?? []);
  const choose = (at: number, id: string) => {
    const next = [...ids.slice(0, at), ...(id === NONE ? [] : [id]), ...ids.slice(at + 1)];
    router.replace(places.compare(next), { scroll: false });
  };
  if (rigs.length < 2)
    return (
      <div className="page">
        <h1>Compare</h1>
        <p>
          Two rigs are wanted. <Link href={places.newRig}>Make one</Link>.
        </p>
      </div>
    );
  return (
    <div className="page">
      <h1>Compare</h1>
      <div className={css.choose}>
        {Array.from({ length: Math.min(MOST, Math.max(2, laid.length + 1)) }, (_, i) => (
          <Choice
            key={i}
            label={`Rig ${i + 1}`}
            name={`rig${i}`}
            value={laid[i]?.id ?? NONE}
            onChoose={(id) => choose(i, id)}
            options={[{ value: NONE, name: 'none' }, ...rigs.map((r) => ({ value: r.id, name: r.name }))]}
          />
        ))}
      </div>
      {laid.length > 0 && (
        <div className={css.sheet}>
          <SideBySide
            laid={laid.map((r, i) => ({
              key: `${r.id}${i}`,
              name: r.name,
              rig: r.doc,
              reading: solve(r.doc),
              foot: <Link href={places.rig(r.id)}>Open it</Link>,
            }))}
          />
        </div>
      )}
    </div>
  );
}
