import { Splitter } from 'antd';
import type { ReactNode } from 'react';
import { useState } from 'react';

interface Props {
  /** Under which the sizes are kept in this browser. */
  name: string;
  left: ReactNode;
  children: ReactNode;
  right: ReactNode;
}

/** On a tablet the drawing would have too little left of the screen. */
const USUAL = window.innerWidth < 1200 ? { left: 244, right: 276 } : { left: 292, right: 322 };

function kept(key: string): typeof USUAL {
  try {
    const { left, right } = JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<typeof USUAL>;
    return { left: left ?? USUAL.left, right: right ?? USUAL.right };
  } catch {
    return USUAL;
  }
}

/** Three panels side by side; the outer two can be made wider, narrower or folded, and stay as they were left. */
export function Panels({ name, left, children, right }: Props) {
  const key = `harbor-panels-${name}`;
  const [sizes, setSizes] = useState(() => kept(key));
  const resized = (all: number[]) => {
    const next = { left: all[0] ?? USUAL.left, right: all[2] ?? USUAL.right };
    setSizes(next);
    localStorage.setItem(key, JSON.stringify(next));
  };
  return (
    <Splitter
      className="panels"
      onResize={(all) => setSizes({ left: all[0] ?? 0, right: all[2] ?? 0 })}
      onResizeEnd={resized}
      onCollapse={(_, all) => resized(all)}
    >
      <Splitter.Panel
        size={sizes.left}
        min={220}
        max="40%"
        collapsible={{ end: true, start: true, showCollapsibleIcon: 'auto' }}
      >
        {left}
      </Splitter.Panel>
      <Splitter.Panel min={300}>{children}</Splitter.Panel>
      <Splitter.Panel
        size={sizes.right}
        min={250}
        max="45%"
        collapsible={{ start: true, end: true, showCollapsibleIcon: 'auto' }}
      >
        {right}
      </Splitter.Panel>
    </Splitter>
  );
}
