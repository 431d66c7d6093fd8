'use client';
import { useQuery } from '@tanstack/react-query';
import { answered, useAct } from './ask';
import { keys } from './keys';
import { planServer } from './server/plans';

/** Names of the pieces of every rig in use, and how to have one of them whole. */
export function useAllPieces() {
  const { data, error } = useQuery({ queryKey: keys.pieces(), queryFn: () => answered(planServer.names()) });
  return { pieces: data ?? null, fault: error?.message ?? null, document: useAct(planServer.document, []) };
}
