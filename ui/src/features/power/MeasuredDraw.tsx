import { Button } from 'antd';
import { useState } from 'react';
import { NumberField } from '../../shared/kit/NumberField';
import type { Schemas } from '../../shared/api/client';
import { dayAndTime, fixed } from '../../shared/format/units';

interface Props {
  plate: Schemas['PlateView'];
  mayMeasure: boolean;
  onMeasure: (watts: number, plusMinus: number) => void;
  /** What the weakest battery was measured to hold is taken back. */
  onForget: () => void;
}

/** What a meter showed off a battery, beside what the nameplates sum up to; and the field to say it in. */
export function MeasuredDraw({ plate, mayMeasure, onMeasure, onForget }: Props) {
  const [asked, setAsked] = useState(false);
  const { drawn } = plate;
  return (
    <div className="measured-draw">
      {drawn && (
        <span>
          Measured at the terminals{' '}
          <span className="num">
            {fixed(drawn.watts, 1)}
            {drawn.plusMinus > 0 && ` ± ${fixed(drawn.plusMinus, 1)}`} W
          </span>
          {plate.nameplateWatts > 0 && (
            <>
              , nameplates say <span className="num">{fixed(plate.nameplateWatts, 1)} W</span>
            </>
          )}
          <span className="soft">
            {' '}
            {drawn.by}
            {drawn.when && `, ${told(drawn.when)}`}
          </span>
          {!drawn.counts && (
            <span className="mark caution">
              {' '}
              other things hang on it now: nameplates count until it is measured anew
            </span>
          )}
        </span>
      )}
      {plate.holds && (
        <span>
          The weakest of these batteries holds{' '}
          <span className="num">
            {fixed(plate.holds.wattHours, 0)}
            {plate.holds.plusMinus > 0 && ` ± ${fixed(plate.holds.plusMinus, 1)}`} Wh
          </span>
          <span className="soft">
            {' '}
            {plate.holds.by}
            {plate.holds.when && `, ${told(plate.holds.when)}`}
          </span>
          {mayMeasure && (
            <Button type="link" size="small" className="noprint" onClick={onForget}>
              not so
            </Button>
          )}
        </span>
      )}
      {mayMeasure && !asked && (
        <span className="noprint">
          <Button size="small" onClick={() => setAsked(true)}>
            {drawn ? 'Measured anew' : 'Measured at the battery'}
          </Button>
          {drawn && (
            <Button type="link" size="small" onClick={() => onMeasure(0, 0)}>
              take it back
            </Button>
          )}
        </span>
      )}
      {asked && (
        <Reading
          onSay={(watts, plusMinus) => {
            setAsked(false);
            onMeasure(watts, plusMinus);
          }}
          onLeave={() => setAsked(false)}
        />
      )}
    </div>
  );
}

/** A day, or a moment by the reader's clock, as files write it. */
const told = (when: string) => (when.includes('T') ? dayAndTime(when) : when);

function Reading({ onSay, onLeave }: { onSay: (watts: number, plusMinus: number) => void; onLeave: () => void }) {
  const [watts, setWatts] = useState<number | null>(null);
  const [off, setOff] = useState<number | null>(null);
  const [error, setError] = useState('');
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (watts === null || watts <= 0 || watts > 5000) setError('Give the mean of the run, above 0 up to 5000 W.');
        else if ((off ?? 0) > watts) setError('It can be off by no more than the figure itself.');
        else onSay(watts, off ?? 0);
      }}
    >
      <NumberField autoFocus aria-label="Measured, W" suffix="W" min={0} value={watts} onChange={setWatts} />{' '}
      <NumberField aria-label="May be off by, W" prefix="±" suffix="W" min={0} value={off} onChange={setOff} />{' '}
      <Button type="primary" htmlType="submit">
        Judge the day by it
      </Button>{' '}
      <Button type="text" onClick={onLeave}>
        Leave it
      </Button>
      {error && (
        <span className="error" role="alert">
          {error}
        </span>
      )}
    </form>
  );
}
