'use client';
import { keepPreviousData, useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/react-query';
import { answered, useAct } from './ask';
import { keys } from './keys';
import { logServer } from './server/log';
import type { LogPage, LogView } from './types';

/** Entries that are added at a time; the first answer is short, so that it is there at once. */
const MORE = 100;

/**
 * The entries that a query (as `askedAs` writes it) asks for, and more of them on demand. The old ones stay until the new
 * ones come. `first`: what the page came with, the answer to the query `of`.
 */
export function useLog(asked: string, first: { readonly of: string; readonly page: LogPage }) {
  const kept = asked === first.of ? { pages: [first.page], pageParams: [0] } : undefined;
  const log = useInfiniteQuery({
    queryKey: keys.log(asked),
    queryFn: ({ pageParam }) =>
      answered(logServer.page(asked, pageParam ? { offset: pageParam, limit: MORE } : {})),
    initialPageParam: 0,
    getNextPageParam: (last, pages) => {
      const shown = pages.reduce((n, p) => n + p.entries.length, 0);
      return shown < last.total && last.entries.length > 0 ? shown : undefined;
    },
    placeholderData: keepPreviousData,
    initialData: kept,
  });
  const pages = log.data?.pages ?? [];
  return {
    entries: pages.length === 1 ? pages[0]!.entries : pages.flatMap((p) => p.entries),
    total: pages.at(-1)?.total ?? 0,
    busy: log.isFetching,
    /** The entries shown are those that were asked for before. */
    old: log.isPlaceholderData,
    fault: log.error?.message ?? null,
    more: () => void log.fetchNextPage(),
    again: () => void log.refetch(),
  };
}

/** One page of the log, as many entries as are drawn at most. */
export function useLogPage(asked: string, limit: number) {
  const { data, error } = useQuery({
    queryKey: [...keys.log(asked), limit],
    queryFn: () => answered(logServer.page(asked, { limit })),
  });
  return { page: data ?? null, fault: error?.message ?? null };
}

/** Kept views of the logbook. */
export function useViews(first: readonly LogView[]) {
  const client = useQueryClient();
  const { data: views } = useQuery<readonly LogView[]>({
    queryKey: keys.views(),
    queryFn: () => answered(logServer.views()),
    initialData: first,
    staleTime: Infinity,
  });
  const take = (all: readonly LogView[]) => client.setQueryData(keys.views(), all);
  return {
    views,
    keep: useAct(logServer.keepView, [], take),
    forget: useAct(logServer.forgetView, [], take),
  };
}

/** What is done with what is in the log. */
export function useLogActs() {
  return {
    amendCut: useAct(logServer.amendCut, [keys.log(), ['rig']]),
    importFile: useAct(logServer.importFile, [keys.log(), ['rig']]),
  };
}
