import { useEffect, useRef } from 'react';
import type { Schemas } from '../../shared/api/client';
import type { Deed } from '../../shared/api/queries';
import { isTyping } from '../../shared/kit/typing';
import { nudged, severalText } from './logic';

export interface BenchActions {
  canEdit: boolean;
  choose: (placement: string) => void;
  set: (key: string, value: number) => void;
  feel: (key: string, byFeel: boolean) => void;
  askRemove: (placement: string) => void;
  /** Takes parts off once somebody has said why. */
  removeSaying: (placements: readonly string[], title: string) => void;
  /** Parts chosen together, beside the one that is open. */
  gathered: readonly string[];
  /** A part to those chosen together, or out of them; none: nothing is. */
  gather: (placement: string) => void;
  undo: () => void;
  redo: () => void;
  openFit: (placement: string) => void;
  /** Something by hand with a part: exchange it, move it, put one under it, join or open a second face. */
  byHand: (part: string, title: string, deed: Deed) => void;
  lensSet: () => void;
  history: () => void;
  view: (view: string) => void;
  lens: (id: string) => void;
  budget: () => void;
  balance: () => void;
  hands: () => void;
  left: () => void;
  checked: () => void;
  configure: () => void;
  tell: (words: string) => void;
  measuring: boolean;
  measure: () => void;
  /** The drawing nearer by a factor, or all of it. */
  zoom: (by: number) => void;
  fit: () => void;
}

/** What a key acts on: the bench as it was last drawn, the part chosen by now, and how a setting is pushed. */
interface Hand {
  bench: Schemas['Bench'];
  chosen: string;
  actions: BenchActions;
  nudge: (setting: Schemas['SettingView'], by: number) => void;
}

/** What a key does; nothing when it is left to the browser. */
type Key = (hand: Hand, event: KeyboardEvent) => (() => void) | undefined;

const SETTLE_MS = 350;

function step<T>(all: readonly T[], at: number, by: number): T | undefined {
  return all[Math.min(all.length - 1, Math.max(0, at + by))];
}

const rowOf = ({ bench, chosen }: Hand) => bench.stack.find((r) => r.placement === chosen);

const along =
  (by: number): Key =>
  ({ bench, chosen, actions }) =>
  () =>
    actions.choose(
      step(
        bench.stack,
        bench.stack.findIndex((r) => r.placement === chosen),
        by,
      )?.placement ?? '',
    );

/** Ten with Shift, a tenth with Alt. */
const push =
  (by: number): Key =>
  (hand, { shiftKey, altKey }) => {
    const setting = rowOf(hand)?.settings[0];
    if (!setting || !hand.actions.canEdit) return undefined;
    return () => hand.nudge(setting, by * (shiftKey ? 10 : altKey ? 0.1 : 1));
  };

const lens =
  (by: number): Key =>
  ({ bench, actions }) => {
    const at = bench.lenses.findIndex((l) => l.id === bench.lens);
    return () => actions.lens(step(bench.lenses, at, by)?.id ?? bench.lens);
  };

const add: Key = (hand) => {
  const row = rowOf(hand);
  return row
    ? () => hand.actions.openFit(row.placement)
    : () => hand.actions.tell('Choose a part first: f adds one to it.');
};

/** Something by hand with the part that is chosen. */
const hand =
  (deed: Deed): Key =>
  (held) => {
    const row = rowOf(held);
    return row
      ? () => held.actions.byHand(row.placement, row.title, deed)
      : () => held.actions.tell('Choose a part first.');
  };

const takeOff: Key = (hand) => {
  const { gathered, removeSaying } = hand.actions;
  if (gathered.length > 0) return () => removeSaying(gathered, severalText(gathered));
  const row = rowOf(hand);
  return row && (() => hand.actions.askRemove(row.placement));
};

const looks =
  (view: string): Key =>
  ({ actions }) =>
  () =>
    actions.view(view);

const KEYS: Record<string, Key> = {
  ArrowUp: along(-1),
  ArrowDown: along(1),
  ArrowLeft: push(-1),
  ArrowRight: push(1),
  '[': lens(-1),
  ']': lens(1),
  f: add,
  x: hand('EXCHANGE'),
  g: hand('MOVE'),
  u: hand('INSERT'),
  j: hand('CLOSE'),
  o: hand('OTHER_SIDE'),
  e: hand('DUPLICATE'),
  v: (hand) => {
    const row = rowOf(hand);
    return row && !row.root ? () => hand.actions.gather(row.placement) : undefined;
  },
  l: ({ actions }) => actions.lensSet,
  y: ({ actions }) => actions.history,
  Delete: takeOff,
  Escape: ({ actions }) =>
    actions.measuring
      ? actions.measure
      : actions.gathered.length > 0
        ? () => actions.gather('')
        : () => actions.choose(''),
  m: ({ actions }) => actions.budget,
  h: ({ actions }) => actions.hands,
  r: ({ actions }) => actions.left,
  c: ({ actions }) => actions.checked,
  b: ({ actions }) => actions.balance,
  d: ({ actions }) => actions.measure,
  '+':
    ({ actions }) =>
    () =>
      actions.zoom(1.3),
  '=':
    ({ actions }) =>
    () =>
      actions.zoom(1.3),
  '-':
    ({ actions }) =>
    () =>
      actions.zoom(1 / 1.3),
  '0': ({ actions }) => actions.fit,
  '1': looks('RIGHT'),
  '5': looks('SPACE'),
  '2': looks('LEFT'),
  '3': looks('FRONT'),
  '4': looks('ABOVE'),
};

const WITH_CONTROL: Record<string, Key> = {
  z: ({ actions }, { shiftKey }) => (shiftKey ? actions.redo : actions.undo),
};

/** Pushes of a setting gathered for a moment, so that one push of a slide is one entry in the journal. */
function useNudge(set: (key: string, value: number) => void) {
  const pending = useRef<{ key: string; value: number; timer: number } | null>(null);
  const send = () => {
    if (!pending.current) return;
    const { key, value, timer } = pending.current;
    window.clearTimeout(timer);
    pending.current = null;
    set(key, value);
  };
  return (setting: Schemas['SettingView'], by: number) => {
    if (pending.current && pending.current.key !== setting.key) send();
    const from = pending.current?.value ?? setting.value;
    window.clearTimeout(pending.current?.timer);
    const value = nudged({ ...setting, value: from }, by);
    pending.current = { key: setting.key, value, timer: window.setTimeout(send, SETTLE_MS) };
  };
}

/** The Bench by keyboard. */
export function useBenchKeys(bench: Schemas['Bench'] | undefined, chosen: string, actions: BenchActions, off: boolean) {
  const latest = useRef({ bench, chosen, actions, off });
  const nudge = useNudge((key, value) => latest.current.actions.set(key, value));
  const push = useRef(nudge);
  useEffect(() => {
    latest.current = { bench, chosen, actions, off };
    push.current = nudge;
  });

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const { bench: seen, chosen: part, actions: a, off: quiet } = latest.current;
      if (quiet || !seen || isTyping(event.target)) return;
      // Keys come faster than the screen is drawn anew; the next one goes on from what this one chose.
      const choose = (placement: string) => {
        latest.current.chosen = placement;
        a.choose(placement);
      };
      const hand: Hand = { bench: seen, chosen: part, actions: { ...a, choose }, nudge: push.current };
      const key = event.ctrlKey || event.metaKey ? WITH_CONTROL[event.key.toLowerCase()] : KEYS[event.key];
      const act = key?.(hand, event);
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
