import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import { byPlace, isDone, placeText, standingText } from './tests';
import type { Test } from './tests';

interface Props {
  tests: readonly Test[];
  chosen: string;
  onChoose: (test: Test) => void;
}

/** All tests by place at the bench, with how far each is. */
export function TestList({ tests, chosen, onChoose }: Props) {
  const here = useRef<HTMLLIElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  return (
    <div className="test-list" role="region" aria-label="Tests" tabIndex={0} data-rows>
      {byPlace(tests).map(([place, all]) => (
        <section key={place} aria-labelledby={`place-${place}`}>
          <h3 id={`place-${place}`}>
            {placeText(place)}{' '}
            <span className="num soft">
              {all.filter(isDone).length} of {all.length}
            </span>
          </h3>
          <ol>
            {all.map((t) => (
              <li key={t.key} ref={t.key === chosen ? here : undefined}>
                <Button
                  type="text"
                  className={`test-row ${t.standing.toLowerCase()}`}
                  aria-current={t.key === chosen ? 'step' : undefined}
                  onClick={() => onChoose(t)}
                >
                  <span className="test-title">{t.title}</span>
                  <span className="test-state">{standingText(t)}</span>
                </Button>
              </li>
            ))}
          </ol>
        </section>
      ))}
    </div>
  );
}
