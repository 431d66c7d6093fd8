/** Next calls this once before the first request; requests wait for it. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') await (await import('./server/boot')).boot();
}
