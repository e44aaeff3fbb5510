import { render, screen } from '@testing-library/react';
import { Input } from 'antd';
import { describe, expect, it } from 'vitest';
import { Problem, problemOf } from '../api/client';
import { Field, RefusedHere, Refused, refusedAt } from './Field';

const refused = problemOf(400, {
  detail: 'place must not be null',
  places: [
    { place: 'brief.place', message: 'must not be null' },
    { place: 'brief.asks.tapes[1].distanceMm', message: 'must lie from 10' },
    { place: 'brief.asks.tapes[10]', message: 'is one too many' },
  ],
});

describe('what was refused of a form', () => {
  it('is told at the field it is about, and at no other', () => {
    render(
      <Refused by={refused}>
        <Field label="Place" place="brief.place">
          <Input />
        </Field>
        <Field label="Operator" place="brief.operator">
          <Input />
        </Field>
      </Refused>,
    );
    expect(screen.getByLabelText(/Place/).closest('label')?.textContent).toBe('Placemust not be null');
    expect(screen.getByLabelText('Operator').closest('label')?.textContent).toBe('Operator');
    expect(screen.getByLabelText(/Place/).className).toContain('error');
  });

  it('is told at its line of a list, the tenth not at the first', () => {
    render(
      <Refused by={refused}>
        <p>
          <RefusedHere place="brief.asks.tapes[1]" />
        </p>
      </Refused>,
    );
    expect(screen.getByRole('alert').textContent).toBe('must lie from 10');
    expect(refusedAt(refused, 'brief.asks.tapes[0]')).toBe('');
    expect(refusedAt(refused, 'brief.asks.tapes')).toBe('must lie from 10; is one too many');
  });

  it('is nothing where nothing was refused or no place was told', () => {
    expect(refusedAt(undefined, 'brief.place')).toBe('');
    expect(refusedAt(new Problem(409, 'Somebody was first'), 'brief.place')).toBe('');
    expect(refusedAt(refused, '')).toBe('');
  });
});

describe('the problem of an answer', () => {
  it('has words even where the server sent none', () => {
    expect(problemOf(401, null).message).toBe('You are signed out.');
    expect(problemOf(403, '').message).toBe('Your role does not allow this.');
    expect(problemOf(502, '<html>').message).toBe('The server did not answer as expected.');
    expect(problemOf(409, { detail: 'taken', newer: { revision: 3 } }).newer).toEqual({ revision: 3 });
  });
});
