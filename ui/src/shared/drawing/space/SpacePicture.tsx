import './space.css';
import { Segmented } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { spaceQuery } from '../../api/queries';
import type { Spot } from '../../api/queries';
import { SpaceScene } from './scene';
import type { Look, Shown } from './scene';

const SIDES: { value: Look; label: string }[] = [
  { value: 'corner', label: 'corner' },
  { value: 'right', label: 'right' },
  { value: 'left', label: 'left' },
  { value: 'front', label: 'front' },
  { value: 'above', label: 'above' },
];
const DEGREES = 15;
/** Moved by less than this a pointer has pressed, not pulled; pixels. */
const PRESSED = 4;

interface Props extends Shown {
  spot: Spot;
  revision: number;
  onChoose?: (placement: string) => void;
}

/** Whether the browser has WebGL. */
function drawsInSpace(): boolean {
  return document.createElement('canvas').getContext('webgl2') !== null;
}

/** The rig in space: pulled by pointer or finger, turned by the arrow keys; a part is chosen where it is pressed. */
export default function SpacePicture({ spot, revision, chosen, lit, litAs, ghosts, onChoose }: Props) {
  const query = useQuery(spaceQuery(spot, revision));
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<SpaceScene>(null);
  const [can] = useState(drawsInSpace);
  const [look, setLook] = useState<Look>('corner');
  const [loaded, setLoaded] = useState(false);
  const data = query.data;

  useEffect(() => {
    const element = canvas.current;
    if (!element) return;
    const made = new SpaceScene(element, (calls) => (element.dataset.calls = String(calls)));
    scene.current = made;
    const observer = new ResizeObserver(() => made.size());
    observer.observe(element);
    return () => {
      observer.disconnect();
      made.dispose();
      scene.current = null;
    };
  }, []);
  useEffect(() => {
    if (!data || !scene.current) return;
    scene.current.load(data);
    scene.current.look(look);
    setLoaded(true);
    // Looking from elsewhere does not load the rig anew.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [data]);
  useEffect(() => {
    if (loaded) scene.current?.show({ chosen, lit, litAs, ghosts });
  }, [loaded, data, chosen, lit, litAs, ghosts]);

  const from = useRef<[number, number]>([0, 0]);
  if (!can) {
    return (
      <p className="page">This browser draws nothing in space. The rig is drawn from four sides in the elevations.</p>
    );
  }
  return (
    <div className="space">
      {query.isError && <p className="error">{query.error.message}</p>}
      <canvas
        ref={canvas}
        tabIndex={0}
        role="img"
        aria-label={`The rig in space, ${data?.parts.length ?? 0} parts; arrow keys turn it`}
        data-drawn={loaded}
        onPointerDown={(e) => (from.current = [e.clientX, e.clientY])}
        onPointerUp={(e) => {
          const pulled = Math.hypot(e.clientX - from.current[0], e.clientY - from.current[1]);
          const box = e.currentTarget.getBoundingClientRect();
          if (pulled < PRESSED) onChoose?.(scene.current?.at(e.clientX - box.left, e.clientY - box.top) ?? '');
        }}
        onKeyDown={(e) => {
          const by = TURNS[e.key];
          if (!by) return;
          e.preventDefault();
          e.stopPropagation();
          scene.current?.turn(by[0], by[1]);
        }}
      />
      <div className="space-sides noprint">
        <Segmented
          size="small"
          aria-label="Look from"
          value={look}
          options={SIDES}
          onChange={(side) => {
            setLook(side);
            scene.current?.look(side);
          }}
        />
      </div>
    </div>
  );
}

const TURNS: Record<string, [number, number]> = {
  ArrowLeft: [-DEGREES, 0],
  ArrowRight: [DEGREES, 0],
  ArrowUp: [0, DEGREES],
  ArrowDown: [0, -DEGREES],
};
