import { StreamLanguage, type StreamParser } from '@codemirror/language';

/** What a piece of a line of motion code is, for its colour. */
const parser: StreamParser<{ bracket: boolean }> = {
  name: 'motion code',
  startState: () => ({ bracket: false }),
  token(stream, state) {
    if (state.bracket || stream.eat('(')) {
      state.bracket = !stream.skipTo(')');
      if (state.bracket) stream.skipToEnd();
      else stream.next();
      if (stream.eol()) state.bracket = false;
      return 'comment';
    }
    if (stream.eat(';')) {
      stream.skipToEnd();
      return 'comment';
    }
    if (stream.match(/[GM]\s*\d+/i)) return 'keyword';
    if (stream.match(/[FSP]\s*[-+.\d]+/i)) return 'number';
    if (stream.match(/[XYZUVWABC]\s*[-+.\d]+/i)) return 'variableName';
    if (stream.match(/N\s*\d+/i)) return 'meta';
    if (stream.eatSpace()) return null;
    stream.next();
    return 'invalid';
  },
};

export const motionLanguage = StreamLanguage.define(parser);
