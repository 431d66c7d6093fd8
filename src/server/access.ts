import 'server-only';
import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto';
import * as devices from '@/db/devices';
import type { DeviceRight } from '@/db/schema';
import { database } from './db';
import { Refusal, refusal } from './http';
import { Tries } from './tries';

/** A code that is typed: digits, in fours. At thirty wrong ones a minute, six years for all of them. */
const DIGITS = 8;
/** A link in a picture code is good once, and so long, ms. */
const LINK_MS = 15 * 60_000;
const MOST_LINKS = 100;
/** A device is looked up again after this, ms: so long a forgotten one may still be served by another program. */
const FRESH_MS = 5_000;
/** Its last use is written down at most so often, ms. */
const NOTE_MS = 60_000;
const MOST_CACHED = 500;

const secure = () => process.env.UPWIND_HTTPS === '1';
const hashOf = (text: string) => createHash('sha256').update(text).digest('hex');
const same = (a: string, b: string) => timingSafeEqual(Buffer.from(hashOf(a)), Buffer.from(hashOf(b)));
const newCode = () => String(randomInt(10 ** DIGITS)).padStart(DIGITS, '0');

/** Who may come in: the codes of this start, links that are good once, and devices that were let in. */
class Access {
  private readonly codes: Record<DeviceRight, string> = { work: newCode(), look: newCode() };
  private readonly links = new Map<string, { right: DeviceRight; until: number }>();
  private readonly cache = new Map<string, { device: devices.DeviceRecord | null; at: number }>();
  private readonly noted = new Map<string, number>();
  private forgotten = 0;
  readonly tries = new Tries();

  /** Name of the cookie: over https one that the browser ties to this very address. */
  get cookieName(): string {
    return secure() ? '__Host-upwind' : 'upwind';
  }

  /** A code as it is read aloud and typed. */
  code(right: DeviceRight): string {
    return this.codes[right].replace(/(\d{4})(?=\d)/g, '$1 ');
  }

  newLink(right: DeviceRight, now = Date.now()): { token: string; until: number } {
    for (const [token, link] of this.links) if (link.until < now) this.links.delete(token);
    while (this.links.size >= MOST_LINKS) this.links.delete(this.links.keys().next().value!);
    const token = randomBytes(16).toString('base64url');
    const until = now + LINK_MS;
    this.links.set(hashOf(token), { right, until });
    return { token, until };
  }

  /** What a code or a link lets do; null where it is neither. A link is used up by it. */
  rightOf(text: string, now = Date.now()): DeviceRight | null {
    const plain = text.replace(/[\s-]/g, '');
    for (const right of ['work', 'look'] as const) if (same(plain, this.codes[right])) return right;
    const key = hashOf(text.trim());
    const link = this.links.get(key);
    this.links.delete(key);
    return link && link.until >= now ? link.right : null;
  }

  /** The device whose secret it is, while it is known. */
  async known(secret: string, now = Date.now()): Promise<devices.DeviceRecord | null> {
    const hash = hashOf(secret);
    const kept = this.cache.get(hash);
    if (kept && now - kept.at < FRESH_MS) return kept.device;
    const { forgotten } = this;
    const db = await database();
    const device = await devices.deviceBy(db, hash);
    if (this.cache.size >= MOST_CACHED) this.cache.clear();
    // What was looked up while a device was being forgotten may be of before.
    if (forgotten === this.forgotten) this.cache.set(hash, { device, at: now });
    if (device && now - (this.noted.get(device.id) ?? 0) > NOTE_MS) {
      this.noted.set(device.id, now);
      await devices.noteUse(db, device.id, new Date(now).toISOString());
    }
    return device;
  }

  /** Everything is looked up again. */
  forget(): void {
    this.forgotten++;
    this.cache.clear();
  }
}

const kept = globalThis as unknown as { upwindAccess?: Access };
/** The one of this process; scripts/server.mjs asks it before every request, where others than this machine may come. */
export const access = (): Access => (kept.upwindAccess ??= new Access());

/** Whether devices other than this machine may come at all. */
export const letsOthersIn = (): boolean => process.env.UPWIND_ACCESS === '1';

/** Lets a device in by a code or a link; the answer sets its cookie. */
export async function enter(o: { code: string; name: string }, from: string): Promise<Response> {
  const { tries } = access();
  const wait = tries.waitS(from);
  if (wait > 0)
    throw new Refusal(429, [
      { path: 'code', rule: 'wait', message: `Too many wrong codes: wait ${wait} s, then try again.` },
    ]);
  const right = access().rightOf(o.code);
  if (!right) {
    tries.note(from);
    throw refusal(403, 'code', 'That is not the code of this start, or its link was used already.');
  }
  const secret = randomBytes(32).toString('base64url');
  const device = await devices.insertDevice(await database(), {
    name: o.name,
    right,
    secretHash: hashOf(secret),
  });
  access().forget();
  const cookie = [
    `${access().cookieName}=${secret}`,
    'Path=/',
    `Max-Age=${devices.KNOWN_DAYS * 24 * 3600}`,
    'HttpOnly',
    'SameSite=Strict',
    ...(secure() ? ['Secure'] : []),
  ].join('; ');
  return Response.json({ name: device.name, right }, { headers: { 'set-cookie': cookie } });
}
