import fs from 'node:fs';
import path from 'node:path';
import { MAY } from '../scripts/storeys.mjs';
import { byHand, byHandIn } from './tables';
import { describe, expect, it } from 'vitest';

/** The rooms of core, the lowest first: each may use itself and those before it. */
const ROOMS = ['units', 'numeric', 'catalog', 'physics', 'documents', 'engine', 'practice', 'words', 'edge'];
/** Packages that may stand in core, each named with its room in core's README. */
const CORE_PACKAGES = ['zod', 'clipper2-ts'];

const root = path.resolve('src');
const files = fs.readdirSync(root, { recursive: true, encoding: 'utf8' }).filter((f) => /\.tsx?$/.test(f));
const isTest = (f: string) => /\.(test|bench)\.tsx?$/.test(f);

interface Import {
  readonly file: string;
  readonly from: string;
}

function importsOf(file: string): Import[] {
  const text = fs.readFileSync(path.join(root, file), 'utf8');
  return [...text.matchAll(/(?:^|\s)(?:from|import)(?:\s+|\s*\(\s*)['"]([^'"]+)['"]/g)].map((m) => ({
    file,
    from: m[1]!,
  }));
}

/** Storey and path below src of what is imported; null for a package. */
function target({ file, from }: Import): string | null {
  if (from.startsWith('@/')) return from.slice(2);
  return from.startsWith('.') ? path.normalize(path.join(path.dirname(file), from)) : null;
}

/** What is wrong with an import, in a word; null where nothing is. */
export function wrong(i: Import): string | null {
  const storey = i.file.split(path.sep)[0]!;
  const to = target(i);
  if (to === null) {
    const bare = storey === 'core' && !isTest(i.file) && !CORE_PACKAGES.includes(i.from);
    return bare ? `package ${i.from} in core` : null;
  }
  const [above, below] = [i.file, to].map((f) => ROOMS.indexOf(f.split(path.sep)[1]!));
  if (storey === 'core' && to.startsWith('core') && !isTest(i.file) && below! > above!)
    return `${ROOMS[above!]} may not use ${ROOMS[below!]}`;
  if (
    storey === 'core' &&
    above === ROOMS.indexOf('words') &&
    below === ROOMS.indexOf('physics') &&
    !isTest(i.file)
  )
    return 'words ask the engine, not the physics: what they say is worked out below them';
  const may = MAY[storey];
  if (!may) return null; // instrumentation and proxy: Next's own files
  const there = to.split(path.sep)[0]!;
  if (!may.includes(there)) return `${storey} may not use ${there}`;
  if (to.startsWith(path.join('formats', 'print')) && storey !== 'server' && storey !== 'formats')
    return 'printing needs Node: for the server alone';
  if (storey === 'features' && !isTest(i.file) && to.startsWith(path.join('core', 'physics')))
    return 'a feature asks the engine, not the physics';
  const feature = i.file.split(path.sep)[1];
  if (storey === 'features' && there === 'features' && to.split(path.sep)[1] !== feature)
    return 'one feature may not use another';
  return null;
}

/** A way round from a file back to itself; none where the imports form a stair. */
function circleIn(edges: ReadonlyMap<string, readonly string[]>): string[] {
  const done = new Set<string>();
  const walk = (f: string, way: readonly string[]): string[] => {
    if (way.includes(f)) return [...way.slice(way.indexOf(f)), f];
    if (done.has(f)) return [];
    for (const next of edges.get(f) ?? []) {
      const found = walk(next, [...way, f]);
      if (found.length > 0) return found;
    }
    done.add(f);
    return [];
  };
  for (const f of edges.keys()) {
    const found = walk(f, []);
    if (found.length > 0) return found;
  }
  return [];
}

describe('the house', () => {
  it('no import goes against the stair', () => {
    const all = files.flatMap(importsOf);
    expect(all.length).toBeGreaterThan(300);
    expect(all.flatMap((i) => (wrong(i) ? [`${i.file}: ${wrong(i)} (${i.from})`] : []))).toEqual([]);
  });

  it('would see a planted one', () => {
    const at = (file: string, from: string) => wrong({ file: path.normalize(file), from });
    expect(at('core/engine/solve.ts', '@/server/rigs')).not.toBeNull();
    expect(at('core/engine/solve.ts', '../../db/open')).not.toBeNull();
    expect(at('core/engine/solve.ts', 'react')).not.toBeNull();
    expect(at('core/engine/solve.ts', '../words/say')).not.toBeNull();
    expect(at('core/units/unit.ts', '../physics/wire/awg')).not.toBeNull();
    expect(at('core/words/say.ts', '../units/format')).toBeNull();
    expect(at('core/words/why.ts', '../physics/circuit/cord')).not.toBeNull();
    expect(at('features/rig/Dial.tsx', '@/features/shelf/Shelf')).not.toBeNull();
    expect(at('features/rig/Dial.tsx', '@/db/rigs')).not.toBeNull();
    expect(at('features/rig/Dial.tsx', '@/core/physics/wire/awg')).not.toBeNull();
    expect(at('features/rig/Dial.tsx', '@/state/types')).toBeNull();
  });

  it('a feature asks the server through hooks of state, not by itself', () => {
    const asks = files.flatMap(importsOf).filter((i) => /(^|\/)state\/server\//.test(i.from));
    expect(asks.filter((i) => !i.file.startsWith('state'))).toEqual([]);
    expect(files.flatMap(importsOf).filter((i) => i.from.startsWith('./server/')).length).toBeGreaterThan(8);
  });

  it('nothing but a table of data is formatted by hand', () => {
    const kept = files.concat(['../tests/terms.test.ts']).flatMap((f) => byHand(path.join(root, f)));
    expect(kept.length).toBeGreaterThan(20);
    expect(kept.filter((k) => !k.table).map((k) => `${k.file}:${k.line}`)).toEqual([]);
    const planted = (text: string) => byHandIn('planted.ts', text).map((k) => k.table);
    expect(planted('const f = (x: number) => x + 1; // prettier-ignore')).toEqual([false]);
    expect(planted('const t = [1, 2, 3, 4, 5, 6, 7]; // prettier-ignore')).toEqual([true]);
    expect(planted('const t = [1, 2, 3, 4, 5, f(() => 6), 7]; // prettier-ignore')).toEqual([false]);
  });

  it('no address and no request stands outside its one place', () => {
    const address = /['"`]\/(api|rig|drawer|log|match|bench|compare|new|glossary|about)\b|href="\/"|\bfetch\(/;
    const knows = (text: string) => address.test(text.replace(/^import .*$/gm, ''));
    const may = ['places.ts', 'api.ts'].map((f) => path.join('state', f));
    const asking = files.filter(
      (f) =>
        /^(features|state|ui)/.test(f) &&
        !isTest(f) &&
        !may.includes(f) &&
        !f.startsWith(path.join('state', 'server')),
    );
    expect(asking.length).toBeGreaterThan(150);
    expect(asking.filter((f) => knows(fs.readFileSync(path.join(root, f), 'utf8')))).toEqual([]);
    expect(knows('router.push(`/rig/${id}`)')).toBe(true);
    expect(knows('<a href={places.log()}>kept in /log</a>')).toBe(false);
  });

  it('fields, sliders, lists to choose from, boxes to tick and tables are those of the house', () => {
    const drawn = files.filter((f) => f.endsWith('.tsx'));
    expect(drawn.length).toBeGreaterThan(150);
    const own = /<(input|textarea|select|table|thead|tbody|tr|td|th)\b/;
    // What asks for a file, and the dial of a rig: the library's slider weighs more than is left of that page's 350 kB.
    expect(drawn.filter((f) => own.test(fs.readFileSync(path.join(root, f), 'utf8'))).sort()).toEqual([
      path.join('features', 'rig', 'Dial.tsx'),
      path.join('ui', 'PickFile.tsx'),
    ]);
    expect(own.test('<td className="num">') && own.test('<input type="radio" />')).toBe(true);
  });

  it('what is fetched when it is first drawn goes through the one loader that asks anew', () => {
    const other = /next\/dynamic|\blazy\(/;
    expect(other.test("import dynamic from 'next/dynamic'") && other.test('const A = lazy(() => b)')).toBe(
      true,
    );
    const found = files.filter((f) => other.test(fs.readFileSync(path.join(root, f), 'utf8')));
    expect(found).toEqual([path.join('ui', 'later.tsx')]);
  });

  it('links to pages are the house’s own, which asks for a page when it is followed', () => {
    const other = /from 'next\/link'/;
    const found = files.filter((f) => other.test(fs.readFileSync(path.join(root, f), 'utf8')));
    expect(found).toEqual([path.join('ui', 'Link.tsx')]);
  });

  it('no files import each other in a circle', () => {
    const plain = files.filter((f) => !isTest(f));
    const known = new Map(plain.map((f) => [f.replace(/\.tsx?$/, ''), f]));
    const edges = new Map(
      plain.map((f) => [f, importsOf(f).flatMap((i) => known.get(target(i) ?? '') ?? [])] as const),
    );
    expect([...edges.values()].flat().length).toBeGreaterThan(1000);
    expect(circleIn(edges)).toEqual([]);
    expect(
      circleIn(
        new Map([
          ['a', ['b']],
          ['b', ['c']],
          ['c', ['b']],
        ]),
      ),
    ).toEqual(['b', 'c', 'b']);
  });

  it('no source file is over 300 lines', () => {
    const long = files
      .filter(
        (f) => !isTest(f) && !f.startsWith('db/migrations') && !f.startsWith(path.join('core', 'catalog')),
      )
      .map((f) => [fs.readFileSync(path.join(root, f), 'utf8').split('\n').length - 1, f] as const)
      .filter(([n]) => n > 300);
    expect(long).toEqual([]);
  });

  it('migrations stand in order of time', () => {
    const journal = JSON.parse(fs.readFileSync('src/db/migrations/meta/_journal.json', 'utf8')) as {
      entries: { when: number }[];
    };
    const whens = journal.entries.map((e) => e.when);
    expect(whens).toEqual([...whens].sort((a, b) => a - b));
  });

  it('the lockfile names no host to download from', () => {
    expect(fs.readFileSync('package-lock.json', 'utf8')).not.toMatch(/"resolved": *"https?:/);
  });
});
