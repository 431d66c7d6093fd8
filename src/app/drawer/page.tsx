import type { Metadata } from 'next';
import { Drawer } from '@/features/drawer/Drawer';
import { drawer } from '@/server/stock';

export const metadata: Metadata = { title: 'The drawer' };

export default async function Page() {
  return <Drawer stock={await drawer()} />;
}
