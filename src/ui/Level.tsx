import type { Level } from '@/core/documents/reading';

/** Each level has a shape, a word and a colour of its own. */
export const LEVEL_WORD: Record<Level, string> = { stop: 'Stop', fix: 'Fix', note: 'Note' };

export function LevelMark({ level, size = 15 }: { level: Level; size?: number }) {
  const colour = `var(--${level})`;
  const shape = {
    stop: <path d="M5 1h6l4 4v6l-4 4H5l-4-4V5z" />,
    fix: <path d="M8 1.5 15.5 14.5H.5z" />,
    note: <circle cx="8" cy="8" r="5.5" />,
  }[level];
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 16 16"
      fill={colour}
      aria-hidden="true"
      style={{ flex: 'none' }}
    >
      {shape}
    </svg>
  );
}
