import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { isRig } from '@/server/rigs';

/** Pages of a rig: a rig that is not there is said before any of them is begun. */
export default async function Layout({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  if (!(await isRig((await params).id))) notFound();
  return children;
}
