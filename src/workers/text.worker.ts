/// <reference lib="webworker" />
import { lacking, readFont, textLoops } from '@/formats/text/outlines';
import type { FontWeight, TextAnswer, TextRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

/** The program's own face; its files come with the program. */
const FILES: Readonly<Record<FontWeight, () => URL>> = {
  500: () =>
    new URL(
      '@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-500-normal.woff',
      import.meta.url,
    ),
  600: () =>
    new URL(
      '@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-600-normal.woff',
      import.meta.url,
    ),
  700: () =>
    new URL(
      '@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-700-normal.woff',
      import.meta.url,
    ),
};
const fonts = new Map<FontWeight, ReturnType<typeof readFont>>();

async function fontOf(weight: FontWeight) {
  const known = fonts.get(weight);
  if (known) return known;
  const answer = await fetch(FILES[weight]());
  if (!answer.ok) throw new Error('The letters cannot be loaded now; try again.');
  const font = readFont(await answer.arrayBuffer());
  fonts.set(weight, font);
  return font;
}

self.onmessage = async ({ data }: MessageEvent<TextRequest>) => {
  let answer: TextAnswer;
  try {
    const font = await fontOf(data.weight);
    answer = {
      id: data.id,
      ok: true,
      loops: textLoops(font, data.text, data.capsMm),
      lacking: lacking(font, data.text),
    };
  } catch (e) {
    answer = { id: data.id, ok: false, fault: e instanceof Error ? e.message : String(e) };
  }
  self.postMessage(answer);
};
