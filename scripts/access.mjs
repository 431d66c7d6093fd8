/** Who asks: this machine itself, or a device that was let in. Plain Node, no framework. */

/** Headers that say who asks; only this door may set them. */
export const WHO = ['x-upwind-device', 'x-upwind-device-name', 'x-upwind-right', 'x-upwind-address'];

const plain = (address) => (address ?? '').replace(/^::ffff:/, '');

/** Whether a request comes from this machine itself, and not through something that passes others on. */
export function isOwn({ headers, socket }) {
  if (headers['x-forwarded-for'] !== undefined || headers['forwarded'] !== undefined) return false;
  const from = plain(socket.remoteAddress);
  return from === '127.0.0.1' || from === '::1' || (from !== '' && from === plain(socket.localAddress));
}

/** The value of a cookie; null where there is none of that name. */
export function cookieOf(header, name) {
  for (const part of (header ?? '').split(';')) {
    const at = part.indexOf('=');
    if (at > 0 && part.slice(0, at).trim() === name) return part.slice(at + 1).trim();
  }
  return null;
}

/**
 * Says of a request who asks, in its headers; `known` looks a device up by its secret. False: nobody that is let in. Letting in itself may be
 * asked by everybody.
 */
export async function admit(req, cookie, known) {
  for (const name of WHO) delete req.headers[name];
  req.headers['x-upwind-address'] = plain(req.socket.remoteAddress);
  if (isOwn(req)) return true;
  const secret = cookieOf(req.headers.cookie, cookie);
  const device = secret === null || secret.length > 200 ? null : await known(secret);
  if (!device) return req.method === 'POST' && req.url === '/api/enter';
  req.headers['x-upwind-device'] = device.id;
  req.headers['x-upwind-device-name'] = encodeURIComponent(device.name);
  req.headers['x-upwind-right'] = device.right;
  return true;
}

// Colours as in src/app/globals.css, which this page may not ask for.
export const STYLE = `:root{color-scheme:light dark;--paper:#e9edec;--sheet:#fbfcfb;--ink:#16211f;--dim:#4c5c58;--line:#c6d0cd;--act:#0b5f5a;--on:#fff;--stop:#a3161a}
@media(prefers-color-scheme:dark){:root{--paper:#0e1413;--sheet:#161e1d;--ink:#e9f0ee;--dim:#a3b6b1;--line:#2c3937;--act:#6fd0c3;--on:#08201d;--stop:#ff8a80}}
*{box-sizing:border-box}body{margin:0;background:var(--paper);color:var(--ink);font:17px/1.45 system-ui,sans-serif}
main{max-width:25rem;margin:8vh auto 0;padding:0 16px}h1{font-size:26px;margin:0 0 4px}p{margin:0 0 16px;color:var(--dim)}
form{background:var(--sheet);border:1px solid var(--line);border-radius:6px;padding:18px}
label{display:block;font-weight:600;margin-bottom:4px}
input{width:100%;height:52px;font:inherit;font-size:22px;padding:0 12px;margin-bottom:14px;border:1px solid var(--dim);border-radius:4px;background:var(--paper);color:var(--ink)}
#code{letter-spacing:.12em;font-variant-numeric:tabular-nums}
button{width:100%;height:52px;font:inherit;font-weight:600;border:0;border-radius:4px;background:var(--act);color:var(--on)}
button:disabled{opacity:.6}:focus-visible{outline:3px solid var(--act);outline-offset:2px}
#fault{color:var(--stop);font-weight:600;margin:12px 0 0;min-height:1.5em}`;

const SCRIPT = `const f=document.forms[0],fault=document.getElementById('fault'),go=document.getElementById('go');
const link=new URLSearchParams(location.hash.slice(1)).get('in');
const ua=navigator.userAgent;
f.device.value=/iPad|Tablet/.test(ua)?'Tablet':/Mobi|Android|iPhone/.test(ua)?'Phone':'Computer';
if(link){history.replaceState(null,'',location.pathname+location.search);document.getElementById('typed').hidden=true;f.code.required=false;go.focus()}
f.onsubmit=async(e)=>{e.preventDefault();go.disabled=true;fault.textContent='';
try{const r=await fetch('/api/enter',{method:'POST',headers:{'content-type':'application/json'},body:JSON.stringify({code:link&&document.getElementById('typed').hidden?link:f.code.value,name:f.device.value})});
if(r.ok)return location.reload();
const a=await r.json().catch(()=>null);fault.textContent=a?.errors?.[0]?.error.message??'The server did not answer as it should.';
document.getElementById('typed').hidden=false;f.code.required=true;f.code.focus()}
catch{fault.textContent='The server does not answer. Is this device on the same network?'}
go.disabled=false}`;

/** The page that a device sees before it is let in, whatever it asks for; nothing of the workshop stands in it. Its policy and its text. */
export function codePage(nonce) {
  return {
    policy: `default-src 'none'; script-src 'nonce-${nonce}'; style-src 'nonce-${nonce}'; connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'`,
    text: `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1"><meta name="robots" content="noindex">
<title>Upwind Rod: code</title><style nonce="${nonce}">${STYLE}</style></head><body><main><h1>Upwind Rod</h1>
<p>This workshop is open to devices that know its code. It stands where the program was started, and there on the page “At the bench”.</p>
<form><div id="typed"><label for="code">Code</label><input id="code" name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="20" placeholder="0000 0000" required></div>
<label for="device">Name of this device</label><input id="device" name="device" maxlength="60" autocomplete="off" required>
<button id="go">Let me in</button><p id="fault" role="alert"></p></form></main><script nonce="${nonce}">${SCRIPT}</script></body></html>`,
  };
}
