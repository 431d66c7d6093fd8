/** What PostgreSQL and the network say of a connection that failed, each as one line for a person. */
const TOLD: Readonly<Record<string, string>> = {
  ECONNREFUSED: 'nothing listens there',
  ECONNRESET: 'the connection was cut',
  EPIPE: 'the connection was cut',
  ENOTFOUND: 'there is no machine of that name',
  EAI_AGAIN: 'the name of its machine cannot be looked up now',
  EHOSTUNREACH: 'its machine cannot be reached',
  ENETUNREACH: 'its network cannot be reached',
  ETIMEDOUT: 'it does not answer in time',
  '28P01': 'the password is wrong',
  '28000': 'this user may not connect',
  '3D000': 'there is no database of that name',
  '42501': 'this user may not do that in this database',
  '25006': 'it takes no writes: it is a copy, or set to read only',
  '53300': 'all its connections are taken',
  '57P01': 'it is being stopped',
  '57P02': 'it crashed and starts again',
  '57P03': 'it is starting or stopping',
  '08006': 'the connection was cut',
  '55P03': 'another program held what this one waited for',
  '57014': 'it did not finish in time',
  '40P01': 'two programs wanted the same at once',
  '40001': 'two programs wanted the same at once',
  '25P03': 'the connection was cut: a step took too long',
};
/** The same without a code: what the driver itself says, in English, and only so. */
const SAID: readonly (readonly [RegExp, string])[] = [
  [/Query read timeout|timeout exceeded when trying to connect/i, 'it does not answer in time'],
  [/Connection terminated|Client was closed|not queryable|connection error/i, 'the connection was cut'],
  [/SSL|certificate/i, 'no secure connection could be made with it'],
  [/SASL|password must be a string/i, 'it asks for a password and none was given'],
];

/** Why a database server could not be used, in a few words; null where the fault is none of the connection. */
export function connectionFault(e: unknown): string | null {
  for (let at = e, deep = 0; at && deep < 5; at = (at as { cause?: unknown }).cause, deep++) {
    const { code, message, errors } = at as { code?: unknown; message?: unknown; errors?: unknown[] };
    if (typeof code === 'string' && TOLD[code]) return TOLD[code];
    // A name with several addresses fails with a fault for each.
    if (Array.isArray(errors) && errors.length > 0) return connectionFault(errors[0]);
    const said = typeof message === 'string' ? SAID.find(([sign]) => sign.test(message)) : undefined;
    if (said && !/^Failed query/.test(message as string)) return said[1];
  }
  return null;
}

/** Where a database server is, without its password: fit to be shown. */
export function serverName(url: string): string {
  try {
    const { hostname, port, pathname } = new URL(url);
    return `${hostname || 'this machine'}${port ? `:${port}` : ''}${pathname}`;
  } catch {
    return 'the address in DATABASE_URL';
  }
}
