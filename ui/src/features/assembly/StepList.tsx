import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import { actText, isDone, missing } from './steps';
import type { Step } from './steps';

interface Props {
  /** The way back: the rig is taken apart. */
  back: boolean;
  steps: readonly Step[];
  chosen: string;
  onChoose: (step: Step) => void;
}

/** All steps in their order, with what is done, what may be done now and what waits. */
export function StepList({ back, steps, chosen, onChoose }: Props) {
  const here = useRef<HTMLLIElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  return (
    <ol className="step-list" aria-label="Steps" data-rows>
      {steps.map((s, i) => {
        const waits = !isDone(s) && missing(s, steps).length > 0;
        const state = isDone(s) ? 'done' : s.tick ? 'stale' : waits ? 'waits' : 'free';
        return (
          <li key={s.key} ref={s.key === chosen ? here : undefined} className={state}>
            <Button
              type="text"
              className="step-row"
              aria-current={s.key === chosen ? 'step' : undefined}
              onClick={() => onChoose(s)}
            >
              <span className="num step-nth">{i + 1}</span>
              <span className="step-act">{actText(s, back)}</span>
              <span className="step-title">{s.title}</span>
              <span className="step-state">
                {state === 'done' ? '✓' : state === 'stale' ? 'changed' : state === 'waits' ? 'waits' : ''}
              </span>
            </Button>
          </li>
        );
      })}
    </ol>
  );
}
