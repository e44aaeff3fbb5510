import { useIsMutating, useMutation, useQueryClient } from '@tanstack/react-query';
import type { QueryKey } from '@tanstack/react-query';
import { freshId } from '../format/ids';
import { sending, whoActs } from './acts';
import type { ActKind, ActOf, OnItsWay, SheetOf } from './acts';

interface Ways<K extends ActKind> {
  kind: K;
  /** What is shown of what is sent: each answer is the whole of it. */
  key: QueryKey;
  /** Shows an act before it is stored. */
  meanwhile?: (now: SheetOf<K>, act: ActOf<K>) => SheetOf<K>;
  onSent?: (sheet: SheetOf<K>, act: ActOf<K>) => void;
  onRefused: (error: Error) => void;
  /** All that was on its way has arrived. */
  onQuiet?: () => void;
}

/**
 * Acts of somebody who is quick, or has no network for a while: kept on this device and sent one after the other, each
 * again while the server is away. An answer is shown once no later act is on its way.
 */
export function useInOrder<K extends ActKind>({ kind, key, meanwhile, onSent, onRefused, onQuiet }: Ways<K>) {
  const client = useQueryClient();
  const way = sending<ActOf<K>>(kind, key);
  const { mutationKey } = way;
  const isLast = () => client.isMutating({ mutationKey }) <= 1;
  const waiting = useIsMutating({ mutationKey });
  const acts = useMutation({
    ...way,
    mutationFn: async (going: OnItsWay<ActOf<K>>) => (await way.mutationFn(going)) as SheetOf<K>,
    onMutate: ({ act }) => meanwhile && client.setQueryData<SheetOf<K>>(key, (now) => now && meanwhile(now, act)),
    onSuccess: (sheet, { act }) => {
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
  const send = (act: ActOf<K>) => acts.mutate({ id: freshId(), who: whoActs(client), act });
  return { send, waiting };
}
