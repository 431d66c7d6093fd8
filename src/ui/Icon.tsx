/** A picture of `@mdi/js` by its path, px wide; hidden from readers of the screen: what it stands beside or in says the same in words. */
export const Icon = ({ path, size = 20 }: { readonly path: string; readonly size?: number }) => (
  <svg viewBox="0 0 24 24" width={size} height={size} fill="currentColor" aria-hidden>
    <path d={path} />
  </svg>
);
