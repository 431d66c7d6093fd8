import { expect, test, type Page } from '@playwright/test';
import { forwardUntil, withoutSound } from './clock';
import { relayTo, type Relay } from './relay';
import { freePort, startServer, type Server } from './server';
import { smallPiece } from './smallPiece';

test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });
test.describe.configure({ mode: 'serial' });

const LOGS = 200;
let server: Server;
let relay: Relay;
let phone: string;
let rig: string;
let table: string;
test.beforeAll(async () => {
  const port = await freePort();
  relay = await relayTo(port);
  phone = `http://127.0.0.1:${relay.port}`;
  server = await startServer({ seed: true, port, env: { UPWIND_HOSTS: `127.0.0.1:${relay.port}` } });
  const rigs = (await (await fetch(`${server.url}/api/rigs`)).json()) as { id: string; name: string }[];
  rig = rigs.find((r) => r.name === 'Blade bow')!.id;
  table = rigs.find((r) => r.name === 'Panel table')!.id;
});
test.afterAll(async () => {
  await server.stop();
  await relay.stop();
});

/** The bench page until everything is kept on the device. */
async function kept(page: Page, rig: string): Promise<void> {
  await page.goto(`${phone}/bench?rig=${rig}`);
  await expect(page.getByText('Opening without a network: given.')).toBeVisible({ timeout: 60_000 });
  // What the bench wants next is fetched beside it.
  await expect
    .poll(() =>
      page.evaluate(async (id) => {
        const found = await Promise.all(
          [`/bench?rig=${id}`, `/rig/${id}?stage=try`].map((p) => caches.match(p)),
        );
        return found.every(Boolean);
      }, rig),
    )
    .toBe(true);
}
/** Logs cuts one after the other, quicker than a test's own looks at the page would let it: each as soon as the one before is counted. */
const logMore = (page: Page, from: number, to: number) =>
  page.evaluate(
    async ([from, to]) => {
      const until = async (what: string, holds: () => boolean) => {
        for (const end = performance.now() + 20_000; !holds(); await new Promise((r) => setTimeout(r, 5)))
          if (performance.now() > end) throw new Error(`not within 20 s: ${what}`);
      };
      const type = (selector: string, text: string) => {
        const field = document.querySelector<HTMLInputElement>(selector)!;
        field.focus();
        field.select();
        document.execCommand('insertText', false, text);
      };
      const press = () =>
        [...document.querySelectorAll('button')].find((b) => b.textContent === 'Log this cut');
      for (let n = from!; n < to!; n++) {
        await until(`cut ${n} can be logged`, () => press()?.disabled === false);
        type('[name="cut.seconds"]', String(10 + (n % 10)));
        [...document.querySelectorAll('label')].find((l) => l.textContent.trim() === 'Good')!.click();
        type('[placeholder="Note"]', `no network ${n}`);
        press()!.click();
        await until(`${n + 1} to be sent`, () => document.body.textContent.includes(`${n + 1} to be sent`));
      }
    },
    [from, to],
  );
const cutsOf = async () =>
  (
    (await (await fetch(`${server.url}/api/rigs/${table}`)).json()) as { cuts: { cut: { note: string } }[] }
  ).cuts.filter((c) => c.cut.note.startsWith('no network'));

test(`${LOGS} cuts logged without a network wait on the phone, over a reload too, and arrive once each`, async ({
  page,
}) => {
  test.slow();
  await kept(page, table);
  relay.cut();
  await page.getByRole('link', { name: 'Log a test cut' }).click();
  const log = page.getByRole('button', { name: 'Log this cut' });
  await expect(log).toBeVisible();
  await page.getByLabel('Seconds').fill('10');
  await page.getByLabel('Good', { exact: true }).check();
  await page.getByPlaceholder('Note').fill('no network 0');
  await log.click();
  await expect(page.getByText('1 to be sent')).toBeVisible();
  await logMore(page, 1, LOGS / 2);
  await page.reload();
  await expect(page.getByText(`${LOGS / 2} to be sent`)).toBeVisible();
  await logMore(page, LOGS / 2, LOGS);
  await expect(page.getByText(/it is kept on this device and sent as soon as it does/)).toBeVisible();
  expect(await cutsOf()).toHaveLength(0);
  // A network that lets things through, but no answer back: some arrive and seem lost.
  relay.deafen();
  await expect.poll(async () => (await cutsOf()).length, { timeout: 60_000 }).toBeGreaterThan(0);
  await expect(page.getByText(`${LOGS} to be sent`)).toBeVisible();
  relay.mend();
  // All of them as soon as the network lets them; however slow the machine, one goes out each twenty seconds at the least.
  const left = async () => {
    const [told] = await page.getByText(/to be sent/).allTextContents();
    return told === undefined ? 0 : Number.parseInt(told, 10);
  };
  for (let before = LOGS; before > 0; before = Math.min(before - 1, await left()))
    await expect.poll(left, { timeout: 20_000 }).toBeLessThan(before);
  const notes = (await cutsOf()).map((c) => c.cut.note);
  expect(notes).toHaveLength(LOGS);
  expect(new Set(notes).size).toBe(LOGS);
});

test('a call goes on without a network, from its checks to the log, and opens again; it is at the server once', async ({
  page,
  request,
}) => {
  test.slow();
  const { plan } = await smallPiece({
    get: (place: string) => request.get(server.url + place),
    post: (place: string, o: object) => request.post(server.url + place, o),
  } as typeof request);
  await kept(page, rig);
  await page.goto(`${phone}/rig/${rig}/call?plan=${plan}`);
  await expect(page.getByRole('heading', { name: 'Small edge' })).toBeVisible();
  await expect.poll(() => page.evaluate(async () => Boolean(await caches.match(location.href)))).toBe(true);
  relay.cut();
  // The battery was changed: the page is opened anew, and there is still no network.
  await withoutSound(page);
  await page.clock.install();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Small edge' })).toBeVisible();
  for (const check of await page.locator('[name^="check."]').all()) await check.check();
  await page.getByRole('button', { name: 'Rehearse without heat' }).click();
  const run = page.getByRole('region', { name: 'Pass 1 of 1' });
  await page.evaluate(() => (document.activeElement as HTMLElement)?.blur());
  await page.keyboard.press('Space');
  await expect(run).toHaveAttribute('data-running', 'true');
  for (let i = 0; i < 7; i++) await page.keyboard.press('ArrowUp');
  await forwardUntil(page, 90, () => page.getByRole('region', { name: 'Afterwards' }).isVisible());
  await page.getByLabel('Note').fill('Called in the cellar.');
  await page.getByRole('button', { name: 'Into the log' }).click();
  await expect(page.getByText('The rehearsal is in the log.')).toBeVisible();
  await expect(page.getByText('1 to be sent')).toBeVisible();
  relay.mend();
  await expect(page.getByText(/to be sent/)).toHaveCount(0, { timeout: 30_000 });
  const events = (await (await fetch(`${server.url}/api/rigs/${rig}/events`)).json()) as {
    event: { note?: string };
  }[];
  expect(events.filter((e) => e.event.note === 'Called in the cellar.')).toHaveLength(1);
});

test('the bench notes power on and off without a network, once, and the server has both afterwards', async ({
  page,
}) => {
  await kept(page, rig);
  const turn = page.getByRole('button', { name: 'Power is on' });
  await expect(turn).toBeVisible();
  relay.cut();
  await turn.click();
  await expect(page.getByText(/Under power since/)).toBeVisible();
  await page.getByRole('button', { name: 'Power off' }).click();
  await expect(page.getByText('Noted: power off.')).toBeVisible();
  await expect(page.getByText('2 to be sent')).toBeVisible();
  relay.mend();
  await expect(page.getByText(/to be sent/)).toHaveCount(0, { timeout: 30_000 });
  const events = (await (await fetch(`${server.url}/api/rigs/${rig}/events`)).json()) as {
    event: { kind: string; at: string; until: string | null };
  }[];
  const today = events
    .map((e) => e.event)
    .filter((e) => e.kind === 'hot' && Date.now() - Date.parse(e.at) < 300_000);
  expect(today).toHaveLength(1);
  expect(Date.parse(today[0]!.until!)).toBeGreaterThan(Date.parse(today[0]!.at));
  await expect(page.getByText('Noted: power off.')).toBeVisible();
});

test('where nothing is kept on the device, as at a plain http address, a page that is open goes on and what is logged waits', async ({
  browser,
}) => {
  const context = await browser.newContext({ serviceWorkers: 'block', viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  const heard = page.waitForResponse((r) => r.url().includes('/api/live') && r.ok());
  await page.goto(`${phone}/rig/${table}?stage=try`);
  await heard;
  // What it is kept in is open.
  await expect
    .poll(() => page.evaluate(async () => (await indexedDB.databases()).some((d) => d.name === 'upwind')))
    .toBe(true);
  const before = (await cutsOf()).length;
  relay.cut();
  await page.getByLabel('Seconds').fill('12');
  await page.getByLabel('Good', { exact: true }).check();
  await page.getByPlaceholder('Note').fill('no network, no keeping');
  await page.getByRole('button', { name: 'Log this cut' }).click();
  await expect(page.getByText('1 to be sent')).toBeVisible();
  // The page stands as it did: nothing that it wants now was still to be fetched.
  await expect(page.getByText(/it is kept on this device and sent as soon as it does/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Log this cut' })).toBeVisible();
  relay.mend();
  await expect(page.getByText(/to be sent/)).toHaveCount(0, { timeout: 30_000 });
  expect(await cutsOf()).toHaveLength(before + 1);
  await context.close();
});

test('a page that was never opened here says so without a network; one kept from before catches up when it is back', async ({
  page,
}) => {
  await kept(page, rig);
  await page.goto(`${phone}/rig/${rig}?stage=try`);
  await expect(page.getByRole('textbox', { name: 'Name of the rig' })).toHaveValue('Blade bow');
  relay.cut();
  await page.goto(`${phone}/drawer`);
  await expect(page.getByRole('heading', { name: 'The workshop does not answer' })).toBeVisible();
  await page.goto(`${phone}/rig/${rig}?stage=try`);
  await expect(page.getByRole('textbox', { name: 'Name of the rig' })).toHaveValue('Blade bow');
  const { record } = (await (await fetch(`${server.url}/api/rigs/${rig}`)).json()) as {
    record: Record<string, unknown> & { doc: object };
  };
  const links = Object.fromEntries(['foamStockId', 'spoolId', 'supplyId'].map((k) => [k, record[k]]));
  const put = await fetch(`${server.url}/api/rigs/${rig}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      base: record['revision'],
      doc: { ...record.doc, name: 'Renamed at the desk' },
      ...links,
    }),
  });
  expect(put.status).toBe(200);
  relay.mend();
  await expect(page.getByRole('textbox', { name: 'Name of the rig' })).toHaveValue('Renamed at the desk', {
    timeout: 30_000,
  });
});
