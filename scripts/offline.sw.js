// The service worker: what of the program was built, kept on the device, so that its pages open without a network. BUILD and FILES are set
// before this by the server. Nothing of /api is ever kept; what is logged waits elsewhere (src/state/outbox.ts).
/* global BUILD, FILES */
const CACHE = `upwind ${BUILD}`;
const PAGES = `upwind pages ${BUILD}`;
/** Pages kept, the newest. */
const MOST_PAGES = 40;
/** A page that is there is shown if the server has not answered within this, ms. */
const PATIENCE_MS = 4000;
const FIXED = /^\/(_next\/static|voice)\/|^\/icon\.svg$/;

const LOST = `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>No network</title>
<body style="font:1.1rem system-ui;margin:4rem auto;max-width:30rem;padding:0 1rem"><h1>The workshop does not answer</h1>
<p>This page was not opened on this device before, so it is not kept here. What was logged on this device is kept, and is sent when the network is back.</p>
<p><a href="/bench">At the bench</a></p>`;

self.addEventListener('install', (event) => {
  const fetchAll = async () => {
    const cache = await caches.open(CACHE);
    // Four at a time, beside what the page itself asks for.
    const left = [...FILES];
    const one = async () => {
      for (let file = left.pop(); file; file = left.pop())
        if (!(await cache.match(file))) await cache.add(file);
    };
    await Promise.all([one(), one(), one(), one()]);
    await self.skipWaiting();
  };
  event.waitUntil(fetchAll());
});

self.addEventListener('activate', (event) => {
  const tidy = async () => {
    for (const name of await caches.keys()) if (name !== CACHE && name !== PAGES) await caches.delete(name);
    await self.clients.claim();
  };
  event.waitUntil(tidy());
});

/** What never changes under its address: from the device where it is there. */
async function fixed(request) {
  const there = await caches.match(request, { ignoreSearch: true });
  // Made anew, without an address of its own: a worker reads what it shall load from the address that it was asked for by.
  if (there) return new Response(there.body, there);
  const answer = await fetch(request);
  if (answer.ok) await (await caches.open(CACHE)).put(request, answer.clone());
  return answer;
}

async function keep(request, answer) {
  const pages = await caches.open(PAGES);
  await pages.put(request, answer);
  const names = await pages.keys();
  for (const old of names.slice(0, Math.max(0, names.length - MOST_PAGES))) await pages.delete(old);
}

/** A page: from the server, which knows the newest; the kept one where it does not answer. */
async function page(request) {
  const kept = await (await caches.open(PAGES)).match(request);
  const late = kept && new Promise((resolve) => setTimeout(() => resolve(kept.clone()), PATIENCE_MS));
  const asked = (async () => {
    try {
      const answer = await fetch(request);
      // A device that was forgotten keeps nothing of the workshop.
      if (answer.status === 401) await caches.delete(PAGES);
      else if (answer.ok && !answer.redirected) await keep(request, answer.clone());
      return answer;
    } catch {
      return kept
        ? kept.clone()
        : new Response(LOST, { status: 503, headers: { 'content-type': 'text/html; charset=utf-8' } });
    }
  })();
  return late ? Promise.race([asked, late]) : asked;
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (FIXED.test(url.pathname)) event.respondWith(fixed(request));
  else if (request.mode === 'navigate' && !url.pathname.startsWith('/api')) event.respondWith(page(request));
});

// A page that names what will be wanted at the bench has it kept.
self.addEventListener('message', (event) => {
  const wanted = (event.data?.pages ?? []).filter((p) => typeof p === 'string' && /^\/(bench|rig\/)/.test(p));
  const fetchThem = async () => {
    for (const place of wanted) {
      const answer = await fetch(place).catch(() => null);
      if (answer?.ok && !answer.redirected) await keep(new Request(place), answer);
    }
  };
  event.waitUntil(fetchThem());
});
