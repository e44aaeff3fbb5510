import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { BalanceChart } from './BalanceChart';
import { nose } from './BalanceDialog';
import { BenchBar } from './BenchBar';
import type { BenchActions } from './useBenchKeys';
import { ConfigurationDialog } from './ConfigurationDialog';
import { scoped } from './logic';

const tab = (
  id: string,
  title: string,
  over: Partial<Schemas['ConfigurationTab']> = {},
): Schemas['ConfigurationTab'] => ({
  id,
  title,
  clear: false,
  stops: 2,
  cautions: 1,
  basedOn: '',
  changes: 0,
  asked: true,
  support: 'head',
  ...over,
});

const row = (placement: string, title: string, over: Partial<Schemas['Row']> = {}): Schemas['Row'] => ({
  placement,
  title,
  item: 'x@1',
  category: 'PLATE',
  level: 'BELOW',
  on: 'body',
  piece: '',
  standard: '',
  mass: { kind: 'KNOWN', value: 100, low: 100, high: 100, source: 'MAKER', by: '', when: '' },
  confidence: 'TRIED_BY_US',
  note: '',
  marks: '',
  tip: null,
  settings: [],
  worst: null,
  dependants: 0,
  carries: [],
  root: false,
  onlyHere: false,
  canCarry: false,
  ...over,
});

function bench(configurations: Schemas['ConfigurationTab'][], stack: Schemas['Row'][] = []): Schemas['Bench'] {
  return {
    job: 'j',
    title: 'Job',
    build: 'a',
    buildTitle: 'A camera',
    revision: 4,
    stage: 'DRAFT',
    clear: false,
    verdict: 'Held',
    configurations,
    configuration: configurations[0]?.id ?? '',
    lenses: [{ id: 'l', title: '40 mm', clear: true, stops: 0, cautions: 0 }],
    lens: 'l',
    bodyFaceUp: 'top',
    supported: true,
    leaning: null,
    stack,
    loose: [],
    removed: [],
    findings: [],
    meters: {} as Schemas['Meters'],
    undo: '',
    undoBy: '',
    redo: '',
  };
}

describe('scoped', () => {
  const set = { kind: 'SET', key: 'a:b:0', value: 3 } as const;

  it('keeps an edit to the configuration on view when that is wanted', () => {
    expect(scoped(set, true)).toEqual({ request: set, only: true });
    expect(scoped(set, false)).toEqual({ request: set, only: false });
  });

  it('leaves what makes or takes out configurations to all', () => {
    expect(scoped({ kind: 'DERIVE', title: 'Rain' }, true).only).toBe(false);
  });
});

describe('BenchBar', () => {
  const bar = (b: Schemas['Bench'], canEdit = true, go = vi.fn()) =>
    render(<BenchBar bodies={[]} bench={b} go={go} only={false} actions={{ canEdit } as BenchActions} />);

  it('tells what a configuration follows and how many changes are its own', () => {
    bar(bench([tab('studio', 'Studio'), tab('rain', 'Rain', { basedOn: 'studio', changes: 3 })]));
    expect(screen.getByTitle('follows Studio, 3 changes of its own').textContent).toContain('Rain');
  });

  it('says the word with two tabs and the figure alone with three', () => {
    bar(bench([tab('a', 'A'), tab('b', 'B', { clear: true })]));
    expect(screen.getByRole('tab', { name: /A/ }).textContent).toContain('2 stops');
    cleanup();
    bar(bench([tab('a', 'A'), tab('b', 'B'), tab('c', 'C', { stops: 0 })]));
    expect(screen.getByRole('tab', { name: /C/ }).textContent?.replace(/\s+/g, ' ')).toContain('C 1 cautions');
  });

  it('offers to change one alone only where there are several', () => {
    const go = vi.fn();
    bar(bench([tab('a', 'A')]));
    expect(screen.queryByText(/change here only/)).toBeNull();
    cleanup();
    bar(bench([tab('a', 'A'), tab('b', 'B')]), true, go);
    fireEvent.click(screen.getByRole('checkbox'));
    expect(go).toHaveBeenCalledWith('only', '1');
    cleanup();
    bar(bench([tab('a', 'A'), tab('b', 'B')]), false);
    expect(screen.queryByText(/change here only/)).toBeNull();
  });
});

describe('ConfigurationDialog', () => {
  const open = (b: Schemas['Bench']) => {
    const onRequest = vi.fn();
    render(<ConfigurationDialog bench={b} onClose={() => undefined} onRequest={onRequest} />);
    return onRequest;
  };
  const doIt = () => screen.getByRole('button', { name: 'Do it' });

  it('asks for a title before it derives', () => {
    const onRequest = open(bench([tab('studio', 'Studio')]));
    expect((doIt() as HTMLButtonElement).disabled).toBe(true);
    fireEvent.change(screen.getByLabelText('Title'), { target: { value: '  Rain ' } });
    fireEvent.click(doIt());
    expect(onRequest).toHaveBeenCalledWith({ kind: 'DERIVE', title: 'Rain' });
  });

  it('does not take out the last one, nor one that another follows', () => {
    open(bench([tab('studio', 'Studio')]));
    fireEvent.click(screen.getByLabelText(/Take Studio out/));
    expect((doIt() as HTMLButtonElement).disabled).toBe(true);
    cleanup();
    open(bench([tab('studio', 'Studio'), tab('rain', 'Rain', { basedOn: 'studio' })]));
    fireEvent.click(screen.getByLabelText(/Take Studio out/));
    expect((doIt() as HTMLButtonElement).disabled).toBe(true);
    expect(screen.getByText('another configuration follows it')).toBeTruthy();
  });

  it('leans what is held, and says why nothing else can be leaned', () => {
    const told = vi.fn();
    const held = { ...bench([tab('hand', 'By hand')]), leaning: { rollDegrees: 0, tiltDegrees: 10 } };
    render(<ConfigurationDialog bench={held} onClose={vi.fn()} onRequest={told} />);
    fireEvent.click(screen.getByLabelText(/How it leans/));
    fireEvent.change(screen.getByLabelText(/left side higher by/), { target: { value: '-15' } });
    fireEvent.click(doIt());
    expect(told).toHaveBeenCalledWith({ kind: 'LEAN', rollDegrees: -15, tiltDegrees: 10 });
    cleanup();
    open(bench([tab('studio', 'Studio')]));
    fireEvent.click(screen.getByLabelText(/How it leans/));
    expect(screen.getByText('what carries it says how it stands')).toBeTruthy();
    expect((doIt() as HTMLButtonElement).disabled).toBe(true);
  });

  it('says so when no other part carries', () => {
    open(bench([tab('studio', 'Studio')], [row('head', 'Head', { canCarry: true }), row('plate', 'Plate')]));
    fireEvent.click(screen.getByLabelText(/Carried by another part/));
    expect(screen.getByText('No other part of this rig says where it carries')).toBeTruthy();
  });
});

describe('balance', () => {
  const lens = (id: string, offMm: number, toleranceMm = 8): Schemas['WithLens'] => ({
    lens: id,
    title: id,
    offMm,
    range: { from: offMm - 1, to: offMm + 1 },
    toleranceMm,
    surelyMm: toleranceMm - 1,
    carriedGrams: 9000,
  });

  it('is told in words', () => {
    expect(nose(0.02)).toBe('over the support');
    expect(nose(12.34)).toBe('12.3 mm ahead');
    expect(nose(-7)).toBe('7.0 mm behind');
  });

  it('forgives only what it forgives whatever the masses are within their ranges', () => {
    const { container } = render(<BalanceChart lenses={[lens('40', 3)]} off={[7.5]} />);
    expect(container.querySelectorAll('.would.met')).toHaveLength(0);
  });

  it('shows which lenses would stand within what the support forgives', () => {
    const { container } = render(<BalanceChart lenses={[lens('40', 3), lens('135', 22)]} off={[3, 22]} />);
    expect(container.querySelectorAll('.would.met')).toHaveLength(1);
    expect(container.querySelectorAll('.would.out')).toHaveLength(1);
    expect(container.querySelectorAll('.forgives')).toHaveLength(2);
  });

  it('moves the mark that would stand, not the one that stands', () => {
    const x = (c: Element) => Number(c.querySelector('.now')?.getAttribute('cx'));
    const before = render(<BalanceChart lenses={[lens('40', 10)]} off={[10]} />);
    const now = x(before.container);
    cleanup();
    const after = render(<BalanceChart lenses={[lens('40', 10)]} off={[0]} />);
    expect(x(after.container)).toBeCloseTo(now, 6);
    expect(after.container.querySelectorAll('.would.met')).toHaveLength(1);
  });
});
