const WORD = /\s*([A-Za-z])\s*([+-]?(?:\d+\.?\d*|\.\d+))(?![.\d])/y;

/** Words of a line and what is left of it that is none; comments by RS-274: in round brackets, or from a semicolon on. */
export function wordsOf(line: string): { words: [string, number][]; rest: string; open: boolean } {
  let code = line;
  let open = false;
  if (/[(;]/.test(line)) {
    code = '';
    for (const c of line) {
      if (open) open = c !== ')';
      else if (c === ';') break;
      else if (c === '(') open = true;
      else code += c;
    }
  }
  const words: [string, number][] = [];
  let rest = '';
  WORD.lastIndex = 0;
  for (let at = 0; at < code.length;) {
    WORD.lastIndex = at;
    const found = WORD.exec(code);
    if (found) {
      words.push([found[1]!.toUpperCase(), Number(found[2])]);
      at = WORD.lastIndex;
    } else {
      rest += code[at]!;
      at++;
    }
  }
  return { words, rest: rest.trim(), open };
}
