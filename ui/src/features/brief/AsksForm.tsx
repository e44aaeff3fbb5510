import { ChangeLines } from './ChangeLines';
import { JobWays } from './JobWays';
import type { AsksProps } from './Lines';
import { OwnLines } from './OwnLines';
import { RoomFields } from './RoomFields';
import { ShootForm } from './ShootForm';
import { SpareLines } from './SpareLines';
import { TapeLines } from './TapeLines';
import { WornLines } from './WornLines';

interface Props extends AsksProps {
  builds?: readonly { id: string; title: string }[];
}

/** What a job asks beyond its dates, climate, crew and lists: nothing is asked where a list is empty or a figure 0. */
export function AsksForm({ builds, ...props }: Props) {
  const { asks, onChange } = props;
  return (
    <>
      <ChangeLines {...props} />
      <RoomFields {...props} />
      <SpareLines {...props} />
      <TapeLines {...props} />
      <WornLines {...props} />
      <OwnLines {...props} />
      <ShootForm shoot={asks.shoot} builds={builds} onChange={(shoot) => onChange({ ...asks, shoot })} />
      <JobWays ways={asks.ways} onChange={(ways) => onChange({ ...asks, ways })} />
    </>
  );
}
