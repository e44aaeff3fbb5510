import { Button, Input } from 'antd';
import type { InputRef } from 'antd';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { instrumentsQuery, readInstrument } from '../../shared/api/wayQueries';
import { plainNumber } from '../../shared/format/units';
import { figure } from './tests';
import type { Found, Test } from './tests';

interface MeasuringProps {
  test: Test;
  onSay: (says: Pick<Found, 'value' | 'plusMinus' | 'reading'>) => void;
}

/** A figure, read from an instrument that the house has, or typed in. */
export function Measuring({ test, onSay }: MeasuringProps) {
  const [value, setValue] = useState('');
  const [off, setOff] = useState('');
  const [error, setError] = useState('');
  const second = useRef<InputRef>(null);
  const say = () => {
    const read = Number(plainNumber(value));
    const plusMinus = off.trim() === '' ? 0 : Number(plainNumber(off));
    if (value.trim() === '' || !Number.isFinite(read)) setError(`Give a figure in ${test.unit}.`);
    else if (!Number.isFinite(plusMinus) || plusMinus < 0) {
      setError('Give how far it may be off as a figure, 0 or more.');
      second.current?.focus();
    } else onSay({ value: read, plusMinus, reading: '' });
  };
  const instruments = useQuery(instrumentsQuery).data ?? [];
  const reads = instruments.find((i) => i.kind === test.instrument);
  const ask = useMutation({ mutationFn: (id: string) => readInstrument(id, test.unit) });
  const said = ask.data;
  return (
    <form
      className="test-measuring"
      onSubmit={(e) => {
        e.preventDefault();
        say();
      }}
    >
      <Input
        id="measured"
        size="large"
        aria-label={`Measured, ${test.unit}`}
        className="num"
        inputMode="decimal"
        placeholder="measured"
        suffix={test.unit}
        value={value}
        onChange={(e) => {
          setValue(e.target.value);
          setError('');
        }}
      />
      <Input
        ref={second}
        size="large"
        aria-label={`May be off by, ${test.unit}`}
        className="num"
        inputMode="decimal"
        prefix="±"
        placeholder="0"
        value={off}
        onChange={(e) => {
          setOff(e.target.value);
          setError('');
        }}
      />
      <Button type={said ? 'default' : 'primary'} size="large" htmlType="submit">
        Take it
      </Button>
      {reads && (
        <div className="test-reading">
          <Button disabled={ask.isPending} onClick={() => ask.mutate(reads.id)}>
            {ask.isPending ? 'Reading' : `Read the ${reads.title.toLowerCase()}`}
          </Button>
          {said && !ask.isPending && (
            <>
              <span className="num">
                {figure(said.value)} ± {figure(said.plusMinus)} {said.unit}
              </span>
              <Button
                type="primary"
                onClick={() => onSay({ value: said.value, plusMinus: said.plusMinus, reading: said.id })}
              >
                Take what it says
              </Button>
            </>
          )}
          {ask.isError && (
            <span className="error" role="alert">
              {ask.error.message}
            </span>
          )}
        </div>
      )}
      {error && (
        <p className="error" role="alert">
          {error}
        </p>
      )}
    </form>
  );
}
