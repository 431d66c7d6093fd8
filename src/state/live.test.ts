import fs from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { staleBy } from './hear';
import { rigOf } from './places';
import { changeMessage } from './server/live';

const sql = fs.readFileSync(path.resolve('src/db/migrations/0007_many_hands.sql'), 'utf8');

describe('what is told makes stale', () => {
  it('something of each table that hangs on a rig', () => {
    const tables = [...sql.matchAll(/ON (\w+) FOR EACH ROW EXECUTE FUNCTION tell_of_rig/g)].map((m) => m[1]!);
    expect(tables.sort()).toEqual(['cuts', 'events', 'jobs', 'photos', 'plans', 'pulls']);
    for (const part of tables) expect(staleBy({ part, rig: 'r' }), part).not.toEqual([]);
  });
  it('of a rig that was thrown away as well: its revision is null', () => {
    const gone = { rig: 'r', part: 'rig', revision: null };
    expect(changeMessage.safeParse(gone).success).toBe(true);
  });
  it('the rig of a page is in its address', () => {
    expect(rigOf('/rig/abc/call', '?plan=1')).toBe('abc');
    expect(rigOf('/bench', '?rig=abc')).toBe('abc');
    expect([rigOf('/bench', ''), rigOf('/log', '?rig=abc'), rigOf('/', '')]).toEqual([null, null, null]);
  });
});
