import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { RecipeCard } from '@/features/recipe/RecipeCard';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Recipe' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const open = await openRig((await params).id);
  if (!open) notFound();
  return <RecipeCard open={open} />;
}
