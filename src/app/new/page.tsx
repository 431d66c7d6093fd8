import type { Metadata } from 'next';
import { Start } from '@/features/start/Start';
import { drawer } from '@/server/stock';

export const metadata: Metadata = { title: 'A new rig' };

export default async function Page() {
  return <Start stock={await drawer()} />;
}
