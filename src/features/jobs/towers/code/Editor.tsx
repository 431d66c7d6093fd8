'use client';
import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
import { HighlightStyle, syntaxHighlighting } from '@codemirror/language';
import { lintGutter, setDiagnostics, type Diagnostic } from '@codemirror/lint';
import { EditorState } from '@codemirror/state';
import { EditorView, highlightActiveLine, keymap, lineNumbers } from '@codemirror/view';
import { tags } from '@lezer/highlight';
import { useEffect, useRef } from 'react';
import { useLatest } from '@/ui/useLatest';
import { motionLanguage } from './language';

/** A line that something is said of. */
export interface LineNote {
  readonly line: number;
  readonly level: 'stop' | 'fix' | 'note';
  readonly text: string;
}

const LEVELS = { stop: 'error', fix: 'warning', note: 'info' } as const;

const colours = HighlightStyle.define([
  { tag: tags.keyword, color: 'var(--act)', fontWeight: '700' },
  { tag: tags.variableName, color: 'var(--ink)' },
  { tag: tags.number, color: 'var(--note)' },
  { tag: tags.comment, color: 'var(--dim)', fontStyle: 'italic' },
  { tag: tags.meta, color: 'var(--dim)' },
  { tag: tags.invalid, color: 'var(--stop)', textDecoration: 'underline wavy' },
]);
const look = EditorView.theme({
  '&': { height: '100%', fontSize: '14px', background: 'var(--sheet)', color: 'var(--ink)' },
  '.cm-content': { caretColor: 'var(--ink)' },
  '.cm-gutters': { background: 'var(--paper)', color: 'var(--dim)', border: 'none' },
  '.cm-activeLine': { background: 'color-mix(in srgb, var(--clean) 60%, transparent)' },
  '.cm-cursor': { borderLeftColor: 'var(--ink)' },
});

/** Motion code, edited: faults stand under their lines, and a line that the cursor is on is told. */
export function Editor(p: {
  text: string;
  notes: readonly LineNote[];
  /** Line to show, where somebody points at the drawing. */
  shown: number | null;
  onText: (text: string) => void;
  onLine: (line: number) => void;
}) {
  const place = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const tell = useLatest({ onText: p.onText, onLine: p.onLine });
  const first = useRef(p.text);
  useEffect(() => {
    const made = new EditorView({
      parent: place.current!,
      state: EditorState.create({
        doc: first.current,
        extensions: [
          lineNumbers(),
          history(),
          highlightActiveLine(),
          lintGutter(),
          motionLanguage,
          syntaxHighlighting(colours),
          look,
          // Styles that it adds carry the page's own nonce, or the browser refuses them.
          EditorView.cspNonce.of(document.querySelector<HTMLElement>('[nonce]')?.nonce ?? ''),
          keymap.of([...defaultKeymap, ...historyKeymap]),
          EditorView.contentAttributes.of({ 'aria-label': 'Motion code' }),
          EditorView.updateListener.of((u) => {
            if (u.docChanged) tell.current.onText(u.state.doc.toString());
            if (u.docChanged || (u.selectionSet && u.view.hasFocus))
              tell.current.onLine(u.state.doc.lineAt(u.state.selection.main.head).number);
          }),
        ],
      }),
    });
    // Long code is scrolled by keyboard too, without the caret.
    made.scrollDOM.tabIndex = 0;
    view.current = made;
    return () => made.destroy();
  }, [tell]);
  useEffect(() => {
    const v = view.current;
    if (v && v.state.doc.toString() !== p.text)
      v.dispatch({ changes: { from: 0, to: v.state.doc.length, insert: p.text } });
  }, [p.text]);
  useEffect(() => {
    const v = view.current;
    if (!v) return;
    const marks = p.notes
      .filter((n) => n.line <= v.state.doc.lines)
      .map((n): Diagnostic => {
        const { from, to } = v.state.doc.line(n.line);
        return { from, to, severity: LEVELS[n.level], message: n.text };
      });
    v.dispatch(setDiagnostics(v.state, marks));
  }, [p.notes]);
  useEffect(() => {
    const v = view.current;
    if (!v || p.shown === null || v.hasFocus || p.shown < 1 || p.shown > v.state.doc.lines) return;
    const { from } = v.state.doc.line(p.shown);
    v.dispatch({ selection: { anchor: from }, effects: EditorView.scrollIntoView(from, { y: 'center' }) });
  }, [p.shown]);
  return <div ref={place} style={{ height: '100%', overflow: 'hidden' }} />;
}
