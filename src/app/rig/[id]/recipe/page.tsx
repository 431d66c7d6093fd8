import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { RecipeCard } from '@/features/recipe/RecipeCard';
import { openRig } from '@/server/rigs';
import { drawer } from '@/server/stock';
import { wireState } from '@/server/wire';

export const metadata: Metadata = { title: 'Recipe' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await openRig(id);
  if (!open) notFound();
  return <RecipeCard open={open} stock={await drawer()} wire={await wireState(id)} />;
}
