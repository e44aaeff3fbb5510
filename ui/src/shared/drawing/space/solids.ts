import {
  BufferAttribute,
  BufferGeometry,
  CylinderGeometry,
  LatheGeometry,
  Matrix4,
  Quaternion,
  Vector2,
  Vector3,
} from 'three';
import { ConvexGeometry } from 'three/examples/jsm/geometries/ConvexGeometry.js';
import type { Schemas } from '../../api/client';

type Part = Schemas['SpacePart'];

/** Sides of what is round. */
const SIDES = 24;
const UP = new Vector3(0, 1, 0);

const at = (flat: readonly number[], i: number) =>
  new Vector3(flat[3 * i] ?? 0, flat[3 * i + 1] ?? 0, flat[3 * i + 2] ?? 0);

/** Round about a line: a bar, a taper or a tube. */
function turned(piece: Schemas['TurnedPiece']): BufferGeometry {
  const from = at(piece.ends, 0);
  const to = at(piece.ends, 1);
  const length = from.distanceTo(to);
  const made =
    piece.bore > 0 ? tube(piece, length) : new CylinderGeometry(piece.endRadius, piece.radius, length, SIDES);
  const along = to.clone().sub(from).normalize();
  const turn = new Matrix4().makeRotationFromQuaternion(new Quaternion().setFromUnitVectors(UP, along));
  return made.applyMatrix4(turn.setPosition(from.add(to).multiplyScalar(0.5)));
}

function tube({ radius, endRadius, bore }: Schemas['TurnedPiece'], length: number): BufferGeometry {
  const half = length / 2;
  const wall = [
    [bore, -half],
    [radius, -half],
    [endRadius, half],
    [bore, half],
    [bore, -half],
  ].map(([x, y]) => new Vector2(x, y));
  return new LatheGeometry(wall, SIDES);
}

/** A part's matter as triangles without shared corners, so that every face is lit by itself. */
export function solidOf(part: Part): Float32Array {
  const pieces = [
    ...part.turned.map(turned),
    ...part.convex.map((flat) => new ConvexGeometry(flat.flatMap((_, i) => (i % 3 === 0 ? [at(flat, i / 3)] : [])))),
  ];
  const all = pieces.map((g) => {
    const plain = g.index ? g.toNonIndexed() : g;
    const points = plain.getAttribute('position').array as Float32Array;
    g.dispose();
    return points;
  });
  return joined(all);
}

export function joined(all: readonly Float32Array[]): Float32Array {
  const one = new Float32Array(all.reduce((n, a) => n + a.length, 0));
  let from = 0;
  for (const a of all) {
    one.set(a, from);
    from += a.length;
  }
  return one;
}

/** Where the light comes from: over the right shoulder of whoever stands before the lens. */
const SUN = new Vector3(-0.45, 0.8, 0.4).normalize();
const SHADE = 0.34;

/**
 * One geometry of many parts, with a colour for each, darker where a face looks away from the light; `starts`: the first
 * triangle of each. The light stands still, so that it costs nothing while one turns the rig.
 */
export function merged(solids: readonly Float32Array[], colours: readonly (readonly [number, number, number])[]) {
  const geometry = new BufferGeometry();
  const points = joined(solids);
  const colour = new Float32Array(points.length);
  const starts: number[] = [];
  let from = 0;
  solids.forEach((solid, i) => {
    starts.push(from / 9);
    const own = colours[i] ?? [0, 0, 0];
    for (let k = from; k < from + solid.length; k += 9) {
      const light = lightOn(points, k);
      for (let c = 0; c < 9; c++) colour[k + c] = (own[c % 3] ?? 0) * light;
    }
    from += solid.length;
  });
  geometry.setAttribute('position', new BufferAttribute(points, 3));
  geometry.setAttribute('color', new BufferAttribute(colour, 3));
  return { geometry, starts };
}

const A = new Vector3();
const B = new Vector3();
const C = new Vector3();

/** From 1 towards the light to so much less away from it. */
function lightOn(points: Float32Array, k: number): number {
  A.fromArray(points, k);
  B.fromArray(points, k + 3).sub(A);
  C.fromArray(points, k + 6).sub(A);
  return 1 - SHADE * (1 - B.cross(C).normalize().dot(SUN));
}

/** The ends of lines as a geometry. */
export function lines(all: readonly Float32Array[]): BufferGeometry {
  return new BufferGeometry().setAttribute('position', new BufferAttribute(joined(all), 3));
}

/** Which of the parts a triangle belongs to. */
export function ownerOf(triangle: number, starts: readonly number[]): number {
  let owner = -1;
  for (let i = 0; i < starts.length && (starts[i] ?? 0) <= triangle; i++) owner = i;
  return owner;
}
