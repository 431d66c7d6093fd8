import { asked, type Query } from '@/app/asked';
import type { Metadata } from 'next';
import { Drawer } from '@/features/drawer/Drawer';
import { drawer } from '@/server/stock';

export const metadata: Metadata = { title: 'The drawer' };
type Props = { searchParams: Query };

export default async function Page({ searchParams }: Props) {
  return <Drawer stock={await drawer()} asked={(await asked(searchParams))['open']} />;
}
