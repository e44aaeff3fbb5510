import {
  Box3,
  BufferGeometry,
  Color,
  EdgesGeometry,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshBasicMaterial,
  OrthographicCamera,
  Raycaster,
  Scene,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { Schemas } from '../../api/client';
import { joined, lines, merged, ownerOf, solidOf } from './solids';

/** Directions from which one looks: right, left, front, above, and over the shoulder of the lens. */
export const LOOKS = {
  corner: [-0.62, 0.42, 0.66],
  right: [-1, 0, 0],
  left: [1, 0, 0],
  front: [0, 0, 1],
  above: [0, 1, 0.001],
} as const;
export type Look = keyof typeof LOOKS;

export interface Shown {
  chosen: string;
  lit: ReadonlySet<string>;
  /** The colour of what is lit. */
  litAs: string;
  ghosts: ReadonlySet<string>;
}

const SHARP_MS = 200;
/** Pixels drawn for one of the screen, in each direction. */
const FINE = 2;
/** Faces that meet at less than this are one curved face, degrees. */
const EDGE = 28;

/** A rig in space on a canvas: two bodies of triangles and their edges, however many parts there are. */
export class SpaceScene {
  private readonly renderer: WebGLRenderer;
  private readonly scene = new Scene();
  private readonly camera = new OrthographicCamera();
  private readonly controls: OrbitControls;
  private readonly solid = new Mesh(
    new BufferGeometry(),
    new MeshBasicMaterial({ vertexColors: true, polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1 }),
  );
  private readonly edges = new LineSegments(new BufferGeometry(), new LineBasicMaterial());
  private readonly shadow = new LineSegments(
    new BufferGeometry(),
    new LineBasicMaterial({ transparent: true, opacity: 0.16 }),
  );
  private parts: { id: string; legs: boolean; points: Float32Array; edge: Float32Array }[] = [];
  private shownIds: string[] = [];
  private starts: number[] = [];
  private radius = 400;
  private sharp = 0;
  private frame = 0;
  private shown: Shown = { chosen: '', lit: new Set(), litAs: '--chosen', ghosts: new Set() };

  /** Throws where the browser has no WebGL. */
  constructor(
    private readonly canvas: HTMLCanvasElement,
    private readonly onFrame: (calls: number) => void = () => undefined,
  ) {
    this.renderer = new WebGLRenderer({ canvas, antialias: false });
    this.controls = new OrbitControls(this.camera, canvas);
    this.controls.addEventListener('change', () => this.moved());
    this.scene.add(this.solid, this.edges, this.shadow);
  }

  load(space: Schemas['SpaceView']) {
    this.parts = space.parts.map((p) => {
      const points = solidOf(p);
      const geometry = lines([points]);
      const edges = new EdgesGeometry(geometry, EDGE);
      const edge = edges.getAttribute('position').array as Float32Array;
      geometry.dispose();
      return { id: p.placement, legs: p.category === 'LEGS', points, edge };
    });
    this.show(this.shown);
    // Legs are as long as they are; what stands on them is looked at.
    const above = this.parts.filter((p) => !p.legs);
    const box = new Box3().setFromArray(joined((above.length > 0 ? above : this.parts).map((p) => p.points)));
    const middle = box.getCenter(new Vector3());
    this.radius = box.getSize(new Vector3()).length() / 2;
    this.controls.target.copy(middle);
  }

  show(shown: Shown) {
    this.shown = shown;
    const there = this.parts.filter((p) => !shown.ghosts.has(p.id));
    const absent = this.parts.filter((p) => shown.ghosts.has(p.id));
    this.shownIds = there.map((p) => p.id);
    const made = merged(
      there.map((p) => p.points),
      there.map((p) => this.colourOf(p.id)),
    );
    this.solid.geometry.dispose();
    this.solid.geometry = made.geometry;
    this.starts = made.starts;
    this.lines(this.edges, there);
    this.lines(this.shadow, absent);
    this.edges.material.color.set(this.css('--line'));
    this.shadow.material.color.set(this.css('--line'));
    this.scene.background = new Color(this.css('--ground'));
    this.draw();
  }

  private lines(into: LineSegments, parts: { edge: Float32Array }[]) {
    into.geometry.dispose();
    into.geometry = lines(parts.map((p) => p.edge));
  }

  private colourOf(id: string): [number, number, number] {
    const name = id === this.shown.chosen ? '--chosen' : this.shown.lit.has(id) ? this.shown.litAs : '--solid';
    const colour = new Color(this.css(name));
    return [colour.r, colour.g, colour.b];
  }

  /** A colour of the theme; the paper's where there is none of the name. */
  private css(name: string): string {
    const style = getComputedStyle(this.canvas);
    return style.getPropertyValue(name).trim() || style.getPropertyValue('--paper').trim() || '#dddddd';
  }

  /** Looks from one of the sides, at all of the rig. */
  look(from: Look) {
    this.fine(true);
    const [x, y, z] = LOOKS[from];
    const away = new Vector3(x, y, z).normalize().multiplyScalar(this.radius * 3);
    this.camera.position.copy(this.controls.target).add(away);
    this.camera.zoom = 1;
    this.size();
    this.controls.update();
    this.draw();
  }

  /** As large as the canvas is shown. */
  size() {
    const { clientWidth: w, clientHeight: h } = this.canvas;
    if (w === 0 || h === 0) return;
    const half = this.radius * 1.02;
    const wide = w / h;
    this.camera.right = half * Math.max(wide, 1);
    this.camera.left = -this.camera.right;
    this.camera.top = half * Math.max(1 / wide, 1);
    this.camera.bottom = -this.camera.top;
    this.camera.near = 1;
    this.camera.far = this.radius * 8;
    this.camera.updateProjectionMatrix();
    this.renderer.setSize(w, h, false);
    this.draw();
  }

  /** By so many degrees round and up. */
  turn(round: number, up: number) {
    const from = this.camera.position.clone().sub(this.controls.target);
    from.applyAxisAngle(new Vector3(0, 1, 0), (round * Math.PI) / 180);
    const side = new Vector3(0, 1, 0).cross(from).normalize();
    const lifted = from.clone().applyAxisAngle(side, (-up * Math.PI) / 180);
    if (Math.abs(lifted.y) < lifted.length() * 0.995) from.copy(lifted);
    this.camera.position.copy(this.controls.target).add(from);
    this.controls.update();
    this.moved();
  }

  /** Coarse while it moves, fine once it stands. */
  private moved() {
    this.fine(false);
    this.draw();
    clearTimeout(this.sharp);
    this.sharp = window.setTimeout(() => {
      this.fine(true);
      this.draw();
    }, SHARP_MS);
  }

  private fine(fine: boolean) {
    const ratio = fine ? FINE : 1;
    if (this.renderer.getPixelRatio() !== ratio) this.renderer.setPixelRatio(ratio);
  }

  /** With the next frame of the screen, however often it is asked for until then. */
  private draw() {
    if (this.frame !== 0) return;
    this.frame = requestAnimationFrame(() => {
      this.frame = 0;
      this.renderer.render(this.scene, this.camera);
      this.onFrame(this.renderer.info.render.calls);
    });
  }

  /** The part under a point of the canvas, pixels; empty where there is none. */
  at(x: number, y: number): string {
    const { clientWidth: w, clientHeight: h } = this.canvas;
    const ray = new Raycaster();
    ray.setFromCamera(new Vector2((x / w) * 2 - 1, 1 - (y / h) * 2), this.camera);
    const hit = ray.intersectObject(this.solid)[0];
    return hit?.faceIndex == null ? '' : (this.shownIds[ownerOf(hit.faceIndex, this.starts)] ?? '');
  }

  dispose() {
    clearTimeout(this.sharp);
    cancelAnimationFrame(this.frame);
    this.controls.dispose();
    for (const o of [this.solid, this.edges, this.shadow]) {
      o.geometry.dispose();
      o.material.dispose();
    }
    this.renderer.dispose();
  }
}
