/// <reference lib="webworker" />
import type { PictureAnswer, PictureRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

/** Longest side of a kept picture in pixels, and how well it is kept. */
const SIDE = 1600;
const QUALITY = 0.85;

self.onmessage = async ({ data }: MessageEvent<PictureRequest>) => {
  const say = (a: PictureAnswer) => self.postMessage(a);
  try {
    const whole = await createImageBitmap(data.file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, SIDE / Math.max(whole.width, whole.height));
    const canvas = new OffscreenCanvas(
      Math.max(1, Math.round(whole.width * scale)),
      Math.max(1, Math.round(whole.height * scale)),
    );
    const context = canvas.getContext('2d')!;
    context.imageSmoothingQuality = 'high';
    // A picture that one can see through is laid on white: JPEG knows no transparency.
    context.fillStyle = '#fff';
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(whole, 0, 0, canvas.width, canvas.height);
    say({ ok: true, jpeg: await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }) });
  } catch {
    say({ ok: false });
  }
};
