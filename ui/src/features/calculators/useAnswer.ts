import { useQuery } from '@tanstack/react-query';

/** An answer that follows its question: asked when it is complete, the one before shown meanwhile. */
export function useAnswer<T>(key: readonly unknown[], ask: () => Promise<T>, ready: boolean) {
  return useQuery({
    queryKey: ['calculator', ...key],
    queryFn: ask,
    enabled: ready,
    staleTime: Infinity,
    placeholderData: (old) => old,
  });
}
