import { Button } from 'antd';

/** Says that what is shown is tried and nothing of it stored, and leads back. */
export function TriedMark({ onBack }: { onBack: () => void }) {
  return (
    <>
      <span className="mark caution">tried, not stored</span>
      <Button type="text" onClick={onBack}>
        As it is
      </Button>
    </>
  );
}
