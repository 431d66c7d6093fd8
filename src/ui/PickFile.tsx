'use client';
import Button from '@mui/material/Button';
import { useRef } from 'react';
import { Act } from './Act';

/** A button that asks for a file. The same file can be chosen again. */
export function PickFile(p: {
  /** What the file is, for who cannot see the button. */
  name: string;
  words: string;
  accept: string;
  onFile: (file: File) => void;
  disabled?: boolean;
  /** Takes a picture with the camera at its back, where there is one. */
  camera?: boolean;
  variant?: 'text' | 'outlined' | 'contained';
  size?: 'small' | 'medium';
  /** In a row of small plain buttons. */
  plain?: boolean;
}) {
  const input = useRef<HTMLInputElement>(null);
  const press = { disabled: p.disabled ?? false, onClick: () => input.current?.click() };
  return (
    <>
      {p.plain ? (
        <Act {...press}>{p.words}</Act>
      ) : (
        <Button variant={p.variant ?? 'text'} size={p.size ?? 'medium'} {...press}>
          {p.words}
        </Button>
      )}
      <input
        ref={input}
        type="file"
        accept={p.accept}
        {...(p.camera ? { capture: 'environment' as const } : {})}
        className="hidden-visually"
        aria-label={p.name}
        tabIndex={-1}
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) p.onFile(file);
        }}
      />
    </>
  );
}

/** The same for a file that may be chosen again: the first time it is what the dialog is for. */
export function PickAgain(p: {
  name: string;
  what: 'file' | 'photo';
  chosen: boolean;
  accept: string;
  onFile: (file: File) => void;
}) {
  return (
    <p>
      <PickFile
        name={p.name}
        words={`${p.chosen ? 'Another' : 'Choose a'} ${p.what}`}
        variant={p.chosen ? 'outlined' : 'contained'}
        accept={p.accept}
        camera={p.what === 'photo'}
        onFile={p.onFile}
      />
    </p>
  );
}
