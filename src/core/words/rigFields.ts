import { RIG_FIELDS, type FieldOf, type RigPath } from '../documents/rigFields';
import { faultWords, plainField } from './plainField';

const FIELDS: Readonly<Record<string, FieldOf>> = RIG_FIELDS;

/** Name and role of a field; of one that is part of a named one, that one's; plain words of a path that nobody named. */
export function fieldOf(path: string): FieldOf {
  for (let p = path; p !== ''; p = p.slice(0, Math.max(0, p.lastIndexOf('.')))) {
    const found = FIELDS[p];
    if (found) return found;
  }
  return [plainField(path), null];
}

/** A fault of a rig's document in a sentence: the field by its name, the rule as it stands. */
export function faultSentence(f: { readonly path: string; readonly message: string }): string {
  if (!FIELDS[f.path]) return faultWords(f);
  return `${capital(fieldOf(f.path)[0])} ${f.message}`;
}

const capital = (name: string) => name.charAt(0).toUpperCase() + name.slice(1);

/** The label of a rig's field, as it stands beside its value. */
export function labelOf(path: RigPath): string {
  const [name, , label] = RIG_FIELDS[path];
  return label ?? capital(name);
}
