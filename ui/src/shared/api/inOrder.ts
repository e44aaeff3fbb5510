import { useIsMutating, useMutation, useQueryClient } from '@tanstack/react-query';
import type { QueryKey } from '@tanstack/react-query';
import { AGAIN_MS, untilBack } from './away';

interface Ways<Act, Sheet> {
  /** What is shown of what is sent: each answer is the whole of it. */
  key: QueryKey;
  send: (act: Act) => Promise<Sheet>;
  /** Shows an act before it is stored. */
  meanwhile?: (now: Sheet, act: Act) => Sheet;
  onSent?: (sheet: Sheet, act: Act) => void;
  onRefused: (error: Error) => void;
  /** All that was on its way has arrived. */
  onQuiet?: () => void;
}

/**
 * Acts of somebody who is quick, or has no network for a while: sent one after the other, each again while the server
 * is away. One that comes twice is known there by its id. An answer is shown once no later act is on its way.
 */
export function useInOrder<Act, Sheet>({ key, send, meanwhile, onSent, onRefused, onQuiet }: Ways<Act, Sheet>) {
  const client = useQueryClient();
  const mutationKey = ['in order', ...key];
  const isLast = () => client.isMutating({ mutationKey }) <= 1;
  const waiting = useIsMutating({ mutationKey });
  const acts = useMutation({
    mutationKey,
    scope: { id: mutationKey.join('/') },
    mutationFn: send,
    retry: untilBack,
    retryDelay: AGAIN_MS,
    onMutate: (act) => meanwhile && client.setQueryData<Sheet>(key, (now) => now && meanwhile(now, act)),
    onSuccess: (sheet, act) => {
      if (isLast()) client.setQueryData(key, sheet);
      onSent?.(sheet, act);
    },
    onError: (e) => {
      onRefused(e);
      void client.invalidateQueries({ queryKey: key });
    },
    onSettled: () => {
      if (isLast()) onQuiet?.();
    },
  });
  return { send: acts.mutate, waiting };
}
