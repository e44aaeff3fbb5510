import { App, Button } from 'antd';
import type { Schemas } from '../api/client';

/** Somebody else was first: says who did what, and offers to do the same on what stands now. */
export function useOfferAgain() {
  const { notification } = App.useApp();
  return (newer: Schemas['Bench'], again: () => void) => {
    const key = crypto.getRandomValues(new Uint32Array(1)).join('');
    const done = newer.undo ? `${newer.undoBy}: ${newer.undo}.` : 'They took something back.';
    notification.open({
      key,
      title: 'Someone else changed this build first',
      description: `${done} What you did was not stored; the Bench shows what stands now.`,
      duration: 0,
      placement: 'bottomLeft',
      actions: (
        <Button
          type="primary"
          onClick={() => {
            notification.destroy(key);
            again();
          }}
        >
          Do mine on top of it
        </Button>
      ),
    });
  };
}
