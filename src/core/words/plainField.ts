/** Units at the end of a key, which the field's own words leave out. */
const UNIT = /(MmS|KgM3|NPerMm|Mm2|Mm|MS|MPa|GPa|Ohm|Deg|Id)$/;

/** The words of a document's path: `wire.diameterMm` is "wire diameter", `rigs[0].spoolId` is "rigs 1, spool". */
export function plainField(path: string): string {
  const listed = /^(\w+)\[(\d+)\]\.?(.*)$/.exec(path);
  const place = listed ? `${listed[1]!} ${Number(listed[2]) + 1}` : '';
  const field = (listed ? listed[3]! : path)
    .split('.')
    .slice(-2)
    .map((word) =>
      word
        .replace(UNIT, '')
        .replace(/([a-z])([A-Z])/g, '$1 $2')
        .toLowerCase(),
    )
    .join(' ');
  return [place, field].filter(Boolean).join(', ');
}

/** A fault in a sentence: the field in plain words, the rule as it stands. */
export function faultWords(f: { readonly path: string; readonly message: string }): string {
  if (f.path.startsWith('(')) return f.message;
  const name = plainField(f.path);
  return `${name.charAt(0).toUpperCase()}${name.slice(1)} ${f.message}`;
}
