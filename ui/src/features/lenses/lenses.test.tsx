import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { LensTable } from './LensTable';
import { MeshPicture } from './MeshPicture';
import { Openings } from './Openings';
import { Order, SetUps } from './Order';
import { driveText, edgeText, focal, worst } from './said';
import { Section } from './Section';

const fine = (value: number, need: number): Schemas['FactView'] => ({
  state: 'FINE',
  value,
  range: { from: value, to: value },
  need,
});

const edge = (title: string, over: Partial<Schemas['LensEdge']> = {}): Schemas['LensEdge'] => ({
  title,
  kind: 'STAGE',
  aheadMm: 20,
  asideMm: 0,
  upMm: 0,
  halfWidthMm: 65,
  halfHeightMm: 49,
  round: false,
  chiefX: 40,
  chiefY: 15,
  radiusX: 5,
  radiusY: 9,
  roomMm: 20,
  share: 0,
  cut: false,
  stops: { state: 'FINE', value: 0, range: { from: 0, to: 0 }, need: 0.3 },
  out: false,
  ...over,
});

const mouth = edge('Mouth', {
  kind: 'MOUTH',
  aheadMm: 120,
  halfWidthMm: 100,
  chiefX: 104,
  roomMm: -9.2,
  share: 0.94,
  cut: true,
  stops: { state: 'FOUND', value: 4.1, range: { from: 4.1, to: 4.1 }, need: 0.3 },
});

const drive: Schemas['LensDrive'] = {
  title: 'Focus motor',
  ring: 'FOCUS',
  turns: 1.8,
  state: 'FINE',
  aheadMm: 0,
  overlapMm: 8,
  rods: [{ xMm: 30, yMm: -83, swings: [40, -60] }],
  armMm: 35,
  driveRadiusMm: 21,
  gearRadiusMm: 45,
};

const lens = (over: Partial<Schemas['LensRow']> = {}): Schemas['LensRow'] => ({
  lens: 'a40',
  title: '40 mm',
  placement: 'lens-a40',
  focalMm: 40,
  longestMm: null,
  tStop: 2.3,
  squeeze: 1.8,
  lengthMm: 118,
  frontMm: 110,
  closeFocusMm: 850,
  mounting: { through: [], flange: 'FINE', flangeErrorMm: 0, lossStops: 0 },
  pupilMm: 44,
  pupilAcrossMm: 44,
  pupilRange: { from: 44, to: 44 },
  pupilKnown: true,
  acrossDegrees: 64.8,
  uprightDegrees: 25.6,
  circle: { state: 'FINE', value: 35.2, range: { from: 35.2, to: 35.2 }, need: 33.6 },
  edges: [edge('Stage 1'), mouth],
  boxes: [{ title: 'Matte box', room: fine(18, 0), front: fine(110, 112) }],
  drives: [drive],
  mostStages: 2,
  glass: { placed: [], left: [], lossStops: 0, stages: 0, clear: true },
  straight: true,
  fine: false,
  ...over,
});

describe('a lens in words', () => {
  it('names the edge that cuts, and what it takes', () => {
    expect(worst(lens())?.title).toBe('Mouth');
    expect(edgeText(mouth)).toBe('Mouth cuts the corners, 4.1 stops darker');
    expect(edgeText({ ...mouth, stops: { ...mouth.stops, value: 10 } })).toContain('black');
    expect(edgeText(edge('Stage 1'))).toBe('Stage 1 clear by 20.0 mm');
  });

  it('does not call fine what is not known', () => {
    const open = edge('Stage 2', { stops: { ...mouth.stops, state: 'UNDECIDED' } });
    expect(edgeText(open)).toContain('not certain');
  });

  it('leaves out what is left out', () => {
    expect(worst(lens({ edges: [edge('Stage 1'), { ...mouth, out: true }] }))?.title).toBe('Stage 1');
  });

  it('says which way a drive has to go', () => {
    expect(driveText(drive)).toBe('focus, 1.8 turns');
    expect(driveText({ ...drive, state: 'FOUND', aheadMm: 8 })).toBe('focus: 8.0 mm too far back');
    expect(driveText({ ...drive, state: 'FOUND', rods: [{ xMm: 30, yMm: -83, swings: [] }] })).toContain(
      'does not reach',
    );
    expect(focal(lens({ focalMm: 8, longestMm: 176 }))).toBe('8–176 mm');
  });
});

describe('the lens set', () => {
  it('tells cut, circle and room, and chooses a lens', () => {
    const choose = vi.fn();
    render(<LensTable lenses={[lens(), lens({ lens: 'a75', title: '75 mm' })]} chosen="a40" onChoose={choose} />);
    expect(screen.getAllByText('Mouth cuts the corners, 4.1 stops darker')[0]?.className).toContain('stop');
    expect(screen.getAllByText('35.2 mm of 33.6 mm')[0]?.className).toContain('met');
    expect(screen.getAllByText('18.0 mm to the filters')).toHaveLength(2);
    fireEvent.click(screen.getByRole('button', { name: '75 mm' }));
    expect(choose).toHaveBeenCalledWith('a75');
  });

  it('tells what filters cost, where they are, and which have no room', () => {
    const glass = {
      placed: [{ filter: 'Neutral 0.6', stage: 'Stage 1' }],
      left: ['Mist 1/8'],
      lossStops: 2,
      stages: 2,
      clear: false,
    };
    render(<LensTable lenses={[lens({ glass })]} chosen="a40" onChoose={() => undefined} />);
    expect(screen.getByText('−2.0 stops')).toBeTruthy();
    expect(screen.getByText('Neutral 0.6: Stage 1')).toBeTruthy();
    expect(screen.getByText('no room for Mist 1/8').className).toContain('stop');
    expect(screen.getByText('2 stages are in its corners')).toBeTruthy();
  });

  it('is drawn with every edge named', () => {
    render(
      <>
        <Section row={lens()} from="above" />
        <Openings row={lens()} />
        <MeshPicture drive={drive} lens="40 mm" />
      </>,
    );
    expect(screen.getByRole('img', { name: /from above: Stage 1 clear.*Mouth cuts/ })).toBeTruthy();
    expect(screen.getByRole('img', { name: 'Mouth cuts the corners, 4.1 stops darker' })).toBeTruthy();
    expect(screen.getByText(/arm 40° to the left of up/)).toBeTruthy();
  });

  it('says which stages serve all, and what changing takes', () => {
    render(
      <>
        <SetUps
          setUps={[
            { stages: 2, clear: ['75 mm'], not: ['40 mm'] },
            { stages: 1, clear: ['75 mm', '40 mm'], not: [] },
          ]}
        />
        <Order
          order={{
            changes: [{ from: '75 mm', to: '40 mm', minutes: 2.5, steps: ['75 off', '40 on'] }],
            minutes: 2.5,
            asListed: 3.1,
            proven: true,
          }}
        />
      </>,
    );
    expect(screen.getByText('With one stage every lens is served.')).toBeTruthy();
    expect(screen.getByText('not with 40 mm')).toBeTruthy();
    expect(screen.getByText(/instead of 3.1 as listed; no order takes less/)).toBeTruthy();
  });
});
