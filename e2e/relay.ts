import net from 'node:net';

/** A way to a server as from another device: another address, and a network that can be cut and come back. */
export interface Relay {
  readonly port: number;
  cut(): void;
  /** Requests arrive, answers do not. */
  deafen(): void;
  mend(): void;
  stop(): Promise<void>;
}

/** Passes connections on to a port of this machine, from an address that is not the machine's usual one (all of 127/8 is this machine's). */
export async function relayTo(target: number, from = '127.0.0.2'): Promise<Relay> {
  const open = new Set<net.Socket>();
  let cut = false;
  let deaf = false;
  const server = net.createServer((phone) => {
    if (cut) return void phone.destroy();
    const desk = net.connect({ port: target, host: '127.0.0.1', localAddress: from });
    for (const [a, b] of [
      [phone, desk],
      [desk, phone],
    ] as const) {
      open.add(a);
      if (a === phone || !deaf) a.pipe(b);
      else a.resume().once('data', () => a.destroy());
      a.on('error', () => b.destroy());
      a.on('close', () => {
        open.delete(a);
        b.destroy();
      });
    }
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as net.AddressInfo;
  const end = () => open.forEach((s) => s.destroy());
  return {
    port,
    cut: () => {
      cut = true;
      end();
    },
    deafen: () => {
      [cut, deaf] = [false, true];
      end();
    },
    mend: () => {
      [cut, deaf] = [false, false];
      end();
    },
    stop: () => {
      end();
      return new Promise((resolve) => server.close(() => resolve()));
    },
  };
}
