import { Input } from 'antd';
import { useState } from 'react';

interface Props {
  title: string;
  longest: number;
  /** With another title, or with the old one when nothing came of it. */
  onDone: (title: string) => void;
}

/** Another title typed in place: Enter or leaving it takes it, Escape and an empty one leave it as it was. */
export function Retitle({ title, longest, onDone }: Props) {
  const [typed, setTyped] = useState(title);
  const take = () => onDone(typed.trim() || title);
  return (
    <Input
      autoFocus
      aria-label={`Title of ${title}`}
      maxLength={longest}
      value={typed}
      onChange={(e) => setTyped(e.target.value)}
      onPressEnter={take}
      onKeyDown={(e) => {
        if (e.key !== 'Escape') return;
        e.stopPropagation();
        onDone(title);
      }}
      onBlur={take}
    />
  );
}
