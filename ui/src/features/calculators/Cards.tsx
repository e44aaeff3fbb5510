import { Checkbox } from 'antd';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import { fixed, hours } from '../../shared/format/units';
import { all, Figure, number } from './Numbers';
import { useAnswer } from './useAnswer';

/** How long a card lasts, how many the day fills, how fast they must be, and how long copying takes. */
export function Cards() {
  const [size, setSize] = useState('512');
  const [rate, setRate] = useState('1200');
  const [minutes, setMinutes] = useState('120');
  const [copy, setCopy] = useState('400');
  const [verified, setVerified] = useState(true);
  const typed = [size, rate, minutes, copy];
  const answer = useAnswer(
    ['cards', ...typed, verified],
    async () =>
      unwrap(
        await api.GET('/api/calculators/lens/cards', {
          params: {
            query: {
              gigabytes: number(size),
              megabits: number(rate),
              minutes: number(minutes),
              copyMegabytes: number(copy),
              verified,
            },
          },
        }),
      ),
    all(...typed),
  );
  const a = answer.data;
  return (
    <div className="calc">
      <div>
        <Figure title="Card, of 10⁹ bytes" unit="GB" value={size} onChange={setSize} />
        <Figure title="Rate of the mode" unit="Mbit/s" value={rate} onChange={setRate} />
        <Figure title="Rolled in the day" unit="min" value={minutes} onChange={setMinutes} />
        <Figure
          title="Copies at, by the slowest of card, reader and drive"
          unit="MB/s"
          value={copy}
          onChange={setCopy}
        />
        <Checkbox checked={verified} onChange={(e) => setVerified(e.target.checked)}>
          read once more to be sure
        </Checkbox>
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {a && (
          <>
            <p className="big num">
              {fixed(a.minutesEach, 0)} min each, {a.cards} {a.cards === 1 ? 'card' : 'cards'} for the day
            </p>
            <p className="num">a card must write {fixed(a.leastWriteMegabytes, 0)} MB/s as long as it goes on</p>
            <p className="num soft">
              {fixed(a.gigabytes, 0)} GB in the day; {fixed(a.offloadMinutesEach, 0)} min to copy a full card,{' '}
              {hours(a.offloadHours)} for all of it, one after the other
            </p>
          </>
        )}
        <p className="soft">With the house’s usable share of a card and its margin over the rate.</p>
      </output>
    </div>
  );
}
