'use client';
import { useState } from 'react';
import { usePhotos } from '@/state/usePhotos';
import { PickFile } from '@/ui/PickFile';
import css from './logbook.module.css';
import { downloads } from '@/state/places';

/** Pictures of a rig or of a cut: small ones that open, one more, one less. */
export function Pictures({ rigId, cutId, of }: { rigId: string; cutId: string | null; of: string }) {
  const { photos, add, drop } = usePhotos(rigId, cutId);
  const [told, tell] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const bring = async (file: File) => {
    setBusy(true);
    tell(await add(file));
    setBusy(false);
  };
  return (
    <div className={css.photos}>
      {photos.map((p) => (
        <figure key={p.id}>
          <a href={downloads.photo(p.id)} target="_blank" rel="noreferrer">
            <img
              src={downloads.photo(p.id)}
              alt={p.name || `picture of ${of}`}
              width={96}
              height={72}
              loading="lazy"
            />
          </a>
          <button
            type="button"
            className="quiet"
            aria-label={`Delete the picture ${p.name}`}
            onClick={() => void drop(p.id).then(tell)}
          >
            {' '}
            ✕
          </button>
        </figure>
      ))}
      <PickFile
        name={`Picture of ${of}`}
        words={busy ? 'Sizing it down …' : `Picture of ${of} …`}
        accept="image/*"
        camera
        size="small"
        disabled={busy}
        onFile={(f) => void bring(f)}
      />
      {told && <p role="alert">{told}</p>}
    </div>
  );
}
