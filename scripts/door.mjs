/** What stands before every request: who may ask, by which method, and for what address. Plain Node, no framework. */

const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];
/** Pages and files are read; what is done is done by the routes below /api, which alone have more to tell of their methods. */
const OF_PAGES = ['GET', 'HEAD'];
const LONGEST_ADDRESS = 8192;
/** An address that no page has: what is asked for by an unreadable one is not found. */
const NOWHERE = '/not-found';
// Signs that no id, name or text of an address holds: NUL and its like, and halves of a pair.
const UNREADABLE = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\ud800-\udfff]/u;

/** The answer to a request that goes no further: a status and one fault, in the shape of all faults. */
export function refuse(status, rule, message, headers = {}) {
  const fault = { path: '(request)', rule, message };
  return { status, headers, body: { error: fault, errors: [{ error: fault }] } };
}

function hostAllowed(host, allowed) {
  if (!host) return false;
  if (allowed.size > 0) return allowed.has(host.toLowerCase());
  return /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i.test(host);
}

function originAllowed(origin, allowed) {
  if (origin === undefined) return true;
  try {
    return hostAllowed(new URL(origin).host, allowed);
  } catch {
    return false;
  }
}

/** Part of an address, decoded; null where it is no text. */
function decoded(text) {
  try {
    const plain = decodeURIComponent(text.replaceAll('+', ' '));
    return UNREADABLE.test(plain) ? null : plain;
  } catch {
    return null;
  }
}

/** Query values as the pages read them: what is no UTF-8 becomes a replacement sign there and harms nothing. */
function queryReadable(search) {
  return [...new URLSearchParams(search)].every(
    ([key, value]) => !UNREADABLE.test(key) && !UNREADABLE.test(value),
  );
}

/**
 * Judges a request by its first lines alone. Null: let it in. A `body`: answer with that. A `url`: let it in under that address.
 * `allowed` holds the hosts, each with its port, that this server answers to; empty: this machine's own names.
 */
export function judge({ method, url, headers }, allowed) {
  if (!METHODS.includes(method))
    return refuse(405, 'method', `There is no ${method} here.`, { allow: METHODS.join(', ') });
  if (!hostAllowed(headers.host, allowed))
    return refuse(421, 'origin', 'This server does not answer to that name.');
  const asks = method !== 'GET' && method !== 'HEAD';
  if (!originAllowed(headers.origin, allowed) || (asks && headers['sec-fetch-site'] === 'cross-site'))
    return refuse(403, 'origin', 'A page of another site may not use this server.');
  if (url.length > LONGEST_ADDRESS) return refuse(414, 'address', 'The address is too long.');
  const at = url.indexOf('?');
  const place = at < 0 ? url : url.slice(0, at);
  if (!isRoute(place) && !OF_PAGES.includes(method))
    return refuse(405, 'method', `There is no ${method} here.`, { allow: OF_PAGES.join(', ') });
  const plain = place.startsWith('/') && !place.startsWith('//') ? decoded(place) : null;
  if (plain !== null && (at < 0 || queryReadable(url.slice(at + 1)))) return null;
  if (isRoute(place)) return refuse(400, 'address', 'The address holds signs that are no text.');
  return { url: NOWHERE };
}

/** Whether a request asks for something to be shown, whatever it is; not what pages ask for by themselves. */
export const isPage = ({ method, url }) => method === 'GET' && !/^\/(api|_next)(\/|$)/.test(url.split('?')[0]);

const isRoute = (place) => /^\/api(\/|$)/.test(place);

/**
 * Conditions and ranges of files: where one is not met the framework answers with a fault of its own. Without them a file comes whole, which
 * any range allows (RFC 9110, 14.2); no page and no route of ours uses one, and what a browser has already is still told by its tag.
 */
const CONDITIONS = ['range', 'if-range', 'if-match', 'if-unmodified-since'];

/** Takes out headers on which the framework fails: those, and the pages' own navigation where it is not what a page sends. */
export function mendHeaders(headers) {
  for (const name of CONDITIONS) delete headers[name];
  const tree = headers['next-router-state-tree'];
  if (tree === undefined) return;
  try {
    if (Array.isArray(JSON.parse(decodeURIComponent(tree)))) return;
  } catch {
    // No JSON: it goes.
  }
  delete headers['next-router-state-tree'];
}

/** Whether an address is this machine's own loop. */
const isLoop = (address = '') => /^(::ffff:)?127\.|^::1$/.test(address);

/** What goes no further than this machine is not packed: packing a page takes longer than handing it over. */
export function leaveUnpacked({ headers, socket }) {
  if (isLoop(socket.remoteAddress)) delete headers['accept-encoding'];
}

/** Headers that every answer carries. */
export const EVERYWHERE = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
};
