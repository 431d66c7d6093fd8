'use client';
import { useEffect, useState } from 'react';

/** True once the bundled faces are there: a canvas drawn before would keep the wrong ones. */
export function useFontsReady(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    const faces = ["400 13px 'Barlow Semi Condensed'", "400 13px 'Atkinson Hyperlegible Next Variable'"];
    void Promise.all(faces.map((f) => document.fonts.load(f))).then(() => setReady(true));
  }, []);
  return ready;
}
