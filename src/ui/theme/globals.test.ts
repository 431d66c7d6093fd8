import fs from 'node:fs';
import path from 'node:path';
import { expect, it } from 'vitest';
import { DARK, LIGHT } from './palette';

it('the style sheet carries the same colours as the palette', () => {
  const css = fs.readFileSync(path.resolve('src/app/globals.css'), 'utf8');
  const block = (from: string) => css.slice(css.indexOf(from), css.indexOf('}', css.indexOf(from)));
  for (const [selector, palette] of [
    [':root', LIGHT],
    ["[data-color-scheme='dark']", DARK],
  ] as const) {
    for (const [role, colour] of Object.entries(palette))
      expect(block(selector).toLowerCase()).toContain(`--${role}: ${colour};`.toLowerCase());
  }
});
