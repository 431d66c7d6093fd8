import { ThemeProvider } from '@mui/material/styles';
import { renderToStaticMarkup } from 'react-dom/server';
import type { ReactElement } from 'react';
import { describe, expect, it } from 'vitest';
import { Check } from './Check';
import { Heads } from './Heads';
import { Radios } from './Radios';
import { Several } from './Several';
import { Slide } from './Slide';
import { SortHead } from './SortHead';
import { Body, Cell, Head, Row, Table } from './table';
import { TextArea } from './TextArea';
import { TextLine } from './TextLine';
import { theme } from './theme/theme';

/** The elements of one kind in what is drawn, each with its attributes; styles are left out. */
function drawn(what: ReactElement, kind: string): Record<string, string>[] {
  const html = renderToStaticMarkup(<ThemeProvider theme={theme}>{what}</ThemeProvider>);
  return [...html.matchAll(new RegExp(`<${kind}\\b([^>]*)>`, 'g'))].map(([, inside]) =>
    Object.fromEntries(
      [...inside!.matchAll(/([\w-]+)(?:="([^"]*)")?/g)]
        .map(([, name, value]) => [name!, value ?? ''] as const)
        .filter(([name]) => name !== 'class' && name !== 'style'),
    ),
  );
}
/** What is drawn as it is read: without its marks. */
const read = (what: ReactElement) =>
  renderToStaticMarkup(<ThemeProvider theme={theme}>{what}</ThemeProvider>)
    .replace(/<style[^>]*>.*?<\/style>|<[^>]*>/g, '|')
    .replace(/\|+/g, '|');
const nothing = () => undefined;

describe('boxes to tick and radios are the browser’s own to the keyboard and to a reader', () => {
  it('a box has its name and its state, and stands in its label', () => {
    const box = <Check label="Current in the spring" name="live" checked onChange={nothing} />;
    expect(drawn(box, 'input')).toEqual([
      expect.objectContaining({ type: 'checkbox', name: 'live', checked: '' }),
    ]);
    expect(drawn(box, 'label')).toHaveLength(1);
    expect(read(box)).toContain('Current in the spring');
    const off = <Check label="Current in the spring" checked={false} onChange={nothing} />;
    expect('checked' in drawn(off, 'input')[0]!).toBe(false);
  });

  it('of several each says whether it is chosen', () => {
    const some = (
      <Several
        options={[
          ['hairs', 'fine hairs'],
          ['skin', 'glossy skin'],
          ['steps', 'steps'],
        ]}
        chosen={['skin', 'steps']}
        onChosen={nothing}
      />
    );
    expect(drawn(some, 'label').map((l) => l['data-on'])).toEqual(['false', 'true', 'true']);
    expect(drawn(some, 'input').map((i) => 'checked' in i)).toEqual([false, true, true]);
  });

  it('radios share a name, so that arrows go from one to the next, and carry their explanation', () => {
    const grade = (value: 'cold' | 'good' | null) => (
      <Radios
        name="grade"
        value={value}
        options={[
          ['cold', 'Too cold', 'It drags.'],
          ['good', 'Good'],
        ]}
        onChoose={nothing}
      />
    );
    expect(drawn(grade('good'), 'input').map(({ type, name }) => [type, name])).toEqual([
      ['radio', 'grade'],
      ['radio', 'grade'],
    ]);
    expect(drawn(grade('good'), 'input').map((i) => 'checked' in i)).toEqual([false, true]);
    expect(drawn(grade(null), 'input').some((i) => 'checked' in i)).toBe(false);
    expect(drawn(grade(null), 'label').map((l) => l['title'])).toEqual(['It drags.', undefined]);
  });
});

describe('a line of text', () => {
  it('takes so many characters at most, and says where it is wrong and by what it is explained', () => {
    const [field] = drawn(
      <TextLine
        value="0012"
        label="Digits"
        most={5}
        numbers="numeric"
        wrong
        describedBy="why"
        onText={nothing}
      />,
      'input',
    );
    expect(field).toMatchObject({
      type: 'text',
      value: '0012',
      maxLength: '5',
      inputMode: 'numeric',
      'aria-label': 'Digits',
      'aria-invalid': 'true',
      'aria-describedby': 'why',
      autoComplete: 'off',
    });
  });

  it('without a fault it claims none; a day and a search are what the browser knows them as', () => {
    const of = (line: ReactElement) => drawn(line, 'input')[0]!;
    expect(of(<TextLine value="" onText={nothing} />)['aria-invalid']).toBe('false');
    expect(of(<TextLine kind="date" name="from" value="2026-05-02" onText={nothing} />)).toMatchObject({
      type: 'date',
      name: 'from',
      value: '2026-05-02',
    });
    expect(of(<TextLine kind="search" value="kink" onText={nothing} />)['type']).toBe('search');
  });

  it('lines of it are as many as are to be seen', () => {
    const area = <TextArea label="Note" rows={2} most={2000} value="two" onText={nothing} />;
    expect(drawn(area, 'textarea')).toEqual([
      expect.objectContaining({ rows: '2', maxLength: '2000', 'aria-label': 'Note', spellCheck: 'true' }),
    ]);
  });
});

describe('a slider', () => {
  it('is a range of its own name and ends, and says its value in words', () => {
    const slide = <Slide name="Length" least={1} most={3} step={0.5} value={2} says="2 m" onValue={nothing} />;
    expect(drawn(slide, 'input')).toEqual([
      expect.objectContaining({ type: 'range', min: '1', max: '3', step: '0.5', value: '2' }),
    ]);
    expect(drawn(slide, 'input')[0]).toMatchObject({ 'aria-label': 'Length', 'aria-valuetext': '2 m' });
  });
});

describe('a table', () => {
  const table = (
    <Table>
      <Head>
        <Row>
          <Cell component="td" />
          <Cell>now</Cell>
          <Cell aria-sort="ascending">then</Cell>
        </Row>
      </Head>
      <Body>
        <Row data-same>
          <Cell component="th" scope="row">
            Max feed
          </Cell>
          <Cell className="num">2.60 mm/s</Cell>
          <Cell colSpan={2}>–</Cell>
        </Row>
      </Body>
    </Table>
  );
  it('heads say whether they are of a column or of a row, and an empty corner is no head', () => {
    expect(drawn(table, 'th').map(({ scope }) => scope)).toEqual(['col', 'col', 'row']);
    expect(drawn(table, 'th')[1]).toMatchObject({ 'aria-sort': 'ascending' });
    expect(drawn(table, 'td').map((td) => td['scope'])).toEqual([undefined, undefined, undefined]);
    expect(drawn(table, 'td').map((td) => td['colSpan'])).toEqual([undefined, undefined, '2']);
  });
  it('a head that sorts says in which order it does, to the eye by an arrow that is not read', () => {
    const head = (sorted: 'down' | 'up' | null) => (
      <Table>
        <Head>
          <Row>
            <SortHead text="feed" figures sorted={sorted} onSort={nothing} />
          </Row>
        </Head>
      </Table>
    );
    for (const [sorted, order, arrow] of [
      ['down', 'descending', '▾'],
      ['up', 'ascending', '▴'],
    ] as const) {
      expect(drawn(head(sorted), 'th')[0]).toMatchObject({ 'aria-sort': order, 'data-figures': 'true' });
      expect(renderToStaticMarkup(head(sorted))).toContain(`<span aria-hidden="true">${arrow}</span>`);
    }
    expect(drawn(head(null), 'th')[0]!['aria-sort']).toBe('none');
    expect(renderToStaticMarkup(head(null))).not.toContain('<span');
  });
  it('of heads without text none is a head', () => {
    const heads = (
      <Table>
        <Heads of={['When', 'Tension', '']} />
      </Table>
    );
    expect(drawn(heads, 'th').map(({ scope }) => scope)).toEqual(['col', 'col']);
    expect(drawn(heads, 'td')).toHaveLength(1);
    expect(read(heads)).toContain('|When|Tension|');
  });
  it('is a table all through, and reads in order', () => {
    for (const kind of ['table', 'thead', 'tbody']) expect(drawn(table, kind), kind).toHaveLength(1);
    expect(drawn(table, 'tr').map((tr) => tr['data-same'])).toEqual([undefined, 'true']);
    expect(read(table)).toContain('|now|then|Max feed|2.60 mm/s|–|');
  });
});
