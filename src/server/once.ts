import 'server-only';
import { Refusal, refusal } from './http';

const ID = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;

/**
 * The id that a device made for what it logs, by which it is taken once however often it is sent: the header Idempotency-Key (IETF draft
 * httpapi-idempotency-key-header), a random UUID. Undefined where none is given.
 */
export function onceAs(request: Request): string | undefined {
  const key = request.headers.get('idempotency-key');
  if (key === null) return undefined;
  if (!ID.test(key))
    throw new Refusal(422, [{ path: 'Idempotency-Key', rule: 'uuid', message: 'must be a random UUID' }]);
  return key;
}

/** Whether the sender wants no more than that it was taken (RFC 7240). */
export const wantsLittle = (request: Request): boolean =>
  /(^|,)\s*return=minimal\s*(,|$)/.test(request.headers.get('prefer') ?? '');

/** The id was used for something of another rig. */
export const takenElsewhere = (): Refusal =>
  refusal(409, 'once', 'This id was used for something else already.');
