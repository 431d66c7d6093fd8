'use client';
import { useEffect, useState } from 'react';
import { PickAgain } from '../PickFile';
import type { Picture } from './PhotoBoard';

/** A picture as read from a file, or why it is none. */
async function pictureOf(file: File): Promise<Picture | string> {
  const url = URL.createObjectURL(file);
  const image = new Image();
  image.src = url;
  try {
    await image.decode();
  } catch {
    URL.revokeObjectURL(url);
    return `${file.name} is no picture that this browser can show.`;
  }
  return { name: file.name, url, width: image.naturalWidth, height: image.naturalHeight };
}

/** A picture to be measured, and what was wrong with the file that was chosen last. It is let go with what shows it. */
export function usePicture() {
  const [picture, setPicture] = useState<Picture | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => () => void (picture && URL.revokeObjectURL(picture.url)), [picture]);
  const take = async (file: File) => {
    const read = await pictureOf(file);
    setFault(typeof read === 'string' ? read : null);
    if (typeof read !== 'string') setPicture(read);
  };
  return { picture, fault, take };
}

/** Asks for a picture, by the camera where there is one. */
export const PickPicture = (p: { name: string; chosen: boolean; onFile: (file: File) => void }) => (
  <PickAgain {...p} what="photo" accept="image/png,image/jpeg,image/webp" />
);
