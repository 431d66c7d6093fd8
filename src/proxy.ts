import { NextResponse, type NextRequest } from 'next/server';

/** Host names, each with its port, that this server answers to; set by the start script. */
const HOSTS = new Set((process.env.UPWIND_ALLOWED_HOSTS ?? '').split(',').filter(Boolean));

function hostAllowed(host: string | null): boolean {
  if (host === null) return false;
  if (HOSTS.size > 0) return HOSTS.has(host.toLowerCase());
  return /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i.test(host);
}

function originAllowed(origin: string | null): boolean {
  if (origin === null) return true;
  try {
    return hostAllowed(new URL(origin).host);
  } catch {
    return false;
  }
}

function refuse(status: number, message: string): NextResponse {
  return NextResponse.json({ error: { path: '(request)', rule: 'origin', message } }, { status });
}

/** Turns away foreign hosts and origins, and gives each page its own content security policy. */
export function proxy(request: NextRequest): NextResponse {
  if (!hostAllowed(request.headers.get('host')))
    return refuse(421, 'This server does not answer to that name.');
  if (!originAllowed(request.headers.get('origin')))
    return refuse(403, 'A page of another site may not use this server.');
  const site = request.headers.get('sec-fetch-site');
  if (request.method !== 'GET' && request.method !== 'HEAD' && site === 'cross-site')
    return refuse(403, 'A page of another site may not use this server.');
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const dev = process.env.NODE_ENV === 'development';
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    dev ? "style-src 'self' 'unsafe-inline'" : `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${dev ? ' ws:' : ''}`,
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  return response;
}

export const config = { matcher: ['/((?!_next/static|_next/image).*)'] };
