'use client';
import { useState } from 'react';
import type { DeviceRecord, DeviceRight } from '@/state/types';
import { useDevices, useInvitation } from '@/state/useDevices';
import { Act } from '@/ui/Act';
import { useWhen } from '@/ui/When';
import { Select } from '@/ui/Select';
import css from './bench.module.css';
import { LETTING_IN, RIGHTS, RIGHT_NAMES } from './words';

/** Letting devices in: a picture to point a phone at, a code to type, and those that were let in. On a device: itself. */
export function Devices({ rig }: { rig: string | null }) {
  const { devices, fault, change, forget } = useDevices();
  if (fault) return <p role="alert">{fault}</p>;
  if (!devices) return null;
  const own = devices.known.find((d) => d.id === devices.own);
  if (devices.own !== null)
    return own ? <Own device={own} onForget={() => void forget(own.id).then(() => location.reload())} /> : null;
  return (
    <>
      <h2>From a phone</h2>
      <Invite rig={rig} used={devices.known.length} />
      <h3>Devices that are let in</h3>
      {devices.known.length === 0 ? (
        <p className="dim">None yet.</p>
      ) : (
        <ul className={css.devices}>
          {devices.known.map((d) => (
            <Row
              key={d.id}
              device={d}
              onRight={(right) => void change(d.id, { right })}
              onForget={() => void forget(d.id)}
            />
          ))}
        </ul>
      )}
    </>
  );
}

function Invite({ rig, used }: { rig: string | null; used: number }) {
  const [right, setRight] = useState<DeviceRight>('work');
  const { invitation, fault } = useInvitation(right, rig, used);
  return (
    <div className={css.reach}>
      <div role="group" aria-label="What the device may do" className={css.rights}>
        {RIGHTS.map((r) => (
          <Act key={r} pressed={r === right} onClick={() => setRight(r)}>
            {RIGHT_NAMES[r]}
          </Act>
        ))}
      </div>
      {fault && <p role="alert">{fault}</p>}
      {invitation && (
        <>
          <img src={invitation.qr} alt={LETTING_IN.picture} width={180} height={180} />
          <p>
            {LETTING_IN.point} <b className={css.address}>{invitation.address}</b> {LETTING_IN.type}{' '}
            <b className={`num ${css.code}`}>{invitation.code}</b>
          </p>
          {invitation.fingerprint && (
            <details>
              <summary>{LETTING_IN.asks}</summary>
              <p>{LETTING_IN.trust}</p>
              <p className={`num ${css.address}`}>{invitation.fingerprint}</p>
            </details>
          )}
        </>
      )}
    </div>
  );
}

function Row(p: { device: DeviceRecord; onRight: (r: DeviceRight) => void; onForget: () => void }) {
  const when = useWhen();
  const { device } = p;
  const lastUse = `${when.short(device.usedAt)}, ${when.hour(device.usedAt)}`;
  return (
    <li>
      <span>
        <b>{device.name}</b>
        <span className="dim">last used {lastUse}</span>
      </span>
      <Select
        label={`What ${device.name} may do`}
        value={device.right}
        options={RIGHTS.map((r) => [r, RIGHT_NAMES[r]] as const)}
        onChoose={p.onRight}
      />
      <Act onClick={p.onForget} title={`${device.name} needs the code again`}>
        Forget
      </Act>
    </li>
  );
}

function Own({ device, onForget }: { device: DeviceRecord; onForget: () => void }) {
  const when = useWhen();
  return (
    <>
      <h2>This device</h2>
      <p>
        It is let in as <b>{device.name}</b>, {device.right === 'work' ? 'to work' : 'to look only'}, until{' '}
        {when.day(device.until)}.
      </p>
      <Act onClick={onForget}>Forget this device</Act>
    </>
  );
}
