import { expect, test } from '@playwright/test';
import { sampleBackup, sampleRig } from './sampleRig';
import { startServer } from './server';

const KILLS = Number(process.env.KILLS ?? 5);
const RESTORE_KILLS = Number(process.env.RESTORE_KILLS ?? 2);

test(`killed ${KILLS} times in the middle of saving, every acknowledged save is there`, async () => {
  test.setTimeout(60_000 + KILLS * 30_000);
  let server = await startServer();
  const { data } = server;
  const made = await (
    await fetch(`${server.url}/api/rigs`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ doc: sampleRig('0') }),
    })
  ).json();
  const { id } = made.record as { id: string };
  let revision = 1;
  let acknowledged = 0;
  for (let kill = 0; kill < KILLS; kill++) {
    let over = false;
    const saving = (async () => {
      while (!over) {
        const body = JSON.stringify({ base: revision, doc: sampleRig(String(revision)) });
        const r = await fetch(`${server.url}/api/rigs/${id}`, {
          method: 'PUT',
          headers: { 'content-type': 'application/json' },
          body,
        }).catch(() => null);
        if (!r) return;
        if (r.ok) {
          revision = (
            (await r.json().catch(() => ({ record: { revision } }))) as { record: { revision: number } }
          ).record.revision;
          acknowledged++;
        }
      }
    })();
    const goal = acknowledged + 2;
    await new Promise((r) => setTimeout(r, 300 + ((kill * 97) % 600)));
    // A slow machine may not have got to a save yet.
    while (acknowledged < goal) await new Promise((r) => setTimeout(r, 5));
    await server.kill();
    over = true;
    await saving;
    server = await startServer({ data });
    const now = (await (await fetch(`${server.url}/api/rigs/${id}`)).json()) as {
      record: { revision: number; doc: { name: string } };
    };
    // One save may have been written and not yet acknowledged when the server died.
    expect(now.record.revision).toBeGreaterThanOrEqual(revision);
    expect(now.record.revision).toBeLessThanOrEqual(revision + 1);
    expect(now.record.doc.name).toBe(String(now.record.revision - 1));
    revision = now.record.revision;
  }
  expect(acknowledged).toBeGreaterThan(KILLS);
  console.log(`${KILLS} kills, ${acknowledged} acknowledged saves, 0 lost`);
  await server.stop();
});

test(`killed ${RESTORE_KILLS} times while a backup is put back: whole or not at all`, async () => {
  test.setTimeout(60_000 + RESTORE_KILLS * 30_000);
  const MANY = 600;
  const backup = (name: string) => JSON.stringify(sampleBackup(name, MANY));
  const restore = (url: string, name: string) =>
    fetch(`${url}/api/backup`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: backup(name),
    });
  let server = await startServer();
  expect((await restore(server.url, 'start')).status).toBe(200);
  let was = 'start';
  let [before, after] = [0, 0];
  for (let kill = 0; kill < RESTORE_KILLS; kill++) {
    let acknowledged = false;
    const running = restore(server.url, `b${kill}`).then(
      (r) => (acknowledged = r.ok),
      () => undefined,
    );
    await new Promise((r) => setTimeout(r, 50 + ((kill * 173) % 1200)));
    const done = acknowledged;
    await server.kill();
    await running;
    server = await startServer({ data: server.data });
    const rigs = (await (await fetch(`${server.url}/api/rigs`)).json()) as { doc: { name: string } }[];
    const names = new Set(rigs.map((r) => r.doc.name));
    expect([rigs.length, names.size]).toEqual([MANY, 1]);
    const [now] = names;
    expect([was, `b${kill}`]).toContain(now);
    if (done) expect(now).toBe(`b${kill}`);
    if (now === was) before++;
    else after++;
    was = now!;
  }
  console.log(`${RESTORE_KILLS} kills in a restore: ${before} left as it was, ${after} put back`);
  await server.stop();
});
