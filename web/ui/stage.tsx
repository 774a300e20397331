'use client';
import { Canvas, useThree } from '@react-three/fiber';
import { ChevronsDown, ChevronsUp, Minus, Plus, RotateCcw, RotateCw, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useRef, useState, type ReactNode, type Ref, type RefObject } from 'react';
import { Color, Object3D, Spherical, Vector3 } from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';

type StagePoint = readonly [x: number, y: number, z: number];

/** What a stage looks at: metres, x right, y up, z towards the reader. */
interface Sight {
  label: string;
  look: StagePoint;
  from: StagePoint;
  /** How wide what stands on it is: shadows are drawn so far round what is looked at. */
  span: number;
  sun: { from: StagePoint; strength: number };
  /** How light the sky is, from night to day, 0 to 1. */
  daylight?: number;
}

const LENS_DEG = 40;
const [DAY_SKY, NIGHT_SKY] = ['#dfe8ee', '#1b2530'];
/** A step of the buttons round what is looked at, over it, and nearer to it. */
const TURN_RAD = Math.PI / 12;
const RISE_RAD = Math.PI / 18;
const NEARER = 0.8;

/** One step of a walk: how far round, how far over, and how many times as far off. */
interface Pace {
  turnRad?: number;
  riseRad?: number;
  times?: number;
}
/** Takes a step, or goes back to where the walk began. */
type Walker = (pace: Pace | 'back') => void;
const hasWebGl = (): boolean => document.createElement('canvas').getContext('webgl2') !== null;

/**
 * A canvas in three dimensions, drawn when something changes and not all the time. `room` is the size of its place,
 * as class names. Decision 51.
 */
export function Stage({
  room,
  without,
  canvas,
  children,
  ...sight
}: Sight & {
  room: string;
  /** What is said where the browser has no WebGL. */
  without: string;
  canvas?: Ref<HTMLCanvasElement>;
  children: ReactNode;
}) {
  const [able] = useState(hasWebGl);
  const walker = useRef<Walker>(null);
  const { daylight = 1 } = sight;
  const sky = useMemo(() => new Color(NIGHT_SKY).lerp(new Color(DAY_SKY), daylight), [daylight]);
  if (!able) return <p className="border-l-4 border-ochre bg-sheet p-4">{without}</p>;
  return (
    <div className={`relative ${room}`}>
      <Canvas
        {...(canvas ? { ref: canvas } : {})}
        frameloop="demand"
        shadows="percentage"
        flat
        dpr={[1, 2]}
        // Kept, so that a picture can be saved of it.
        gl={{ preserveDrawingBuffer: true }}
        camera={{ fov: LENS_DEG, near: 0.05, far: 200 }}
      >
        <color attach="background" args={[sky]} />
        <hemisphereLight args={['#dfeaf5', '#a39a80', 0.3 + 0.8 * daylight]} />
        <Sunlight look={sight.look} span={sight.span} sun={sight.sun} />
        <Walk label={sight.label} look={sight.look} from={sight.from} walker={walker} />
        {children}
      </Canvas>
      <Paces walker={walker} />
    </div>
  );
}

/** The walk by buttons, for who has no mouse to drag with: each a step. */
function Paces({ walker }: { walker: RefObject<Walker | null> }) {
  const paces = [
    { says: 'Turn left', Icon: RotateCcw, pace: { turnRad: -TURN_RAD } },
    { says: 'Turn right', Icon: RotateCw, pace: { turnRad: TURN_RAD } },
    { says: 'Look from higher', Icon: ChevronsUp, pace: { riseRad: -RISE_RAD } },
    { says: 'Look from lower', Icon: ChevronsDown, pace: { riseRad: RISE_RAD } },
    { says: 'Nearer', Icon: Plus, pace: { times: NEARER } },
    { says: 'Farther', Icon: Minus, pace: { times: 1 / NEARER } },
    { says: 'Back to the start', Icon: Undo2, pace: 'back' },
  ] as const;
  return (
    <div
      role="group"
      aria-label="Walk round"
      className="no-print absolute top-2 right-2 flex flex-wrap justify-end rounded-[3px] bg-sheet/90 shadow-[0_0_0_1px_var(--rule-strong)]"
    >
      {paces.map(({ says, Icon, pace }) => (
        <button
          key={says}
          type="button"
          aria-label={says}
          title={says}
          onClick={() => walker.current?.(pace)}
          className="grid size-11 place-items-center text-ink hover:bg-well"
        >
          <Icon size={18} aria-hidden />
        </button>
      ))}
    </div>
  );
}

function Sunlight({ look, span, sun }: Pick<Sight, 'look' | 'span' | 'sun'>) {
  const target = useMemo(() => new Object3D(), []);
  const reach = span * 0.85;
  return (
    <>
      <primitive object={target} position={[...look]} />
      <directionalLight
        // A shadow's frame is read once: another span is another light.
        key={span}
        castShadow
        color="#fff2d8"
        target={target}
        position={[...sun.from]}
        intensity={sun.strength}
        shadow-mapSize={[2048, 2048]}
        shadow-bias={-0.0008}
        shadow-camera-left={-reach}
        shadow-camera-right={reach}
        shadow-camera-top={reach}
        shadow-camera-bottom={-reach}
        shadow-camera-near={0.1}
        shadow-camera-far={span * 6}
      />
    </>
  );
}

/** Walking round what is looked at, by hand or by the arrow keys. */
function Walk({
  label,
  look: [lx, ly, lz],
  from: [fx, fy, fz],
  walker,
}: Pick<Sight, 'label' | 'look' | 'from'> & { walker: RefObject<Walker | null> }) {
  const { camera, gl, invalidate } = useThree();
  useEffect(() => {
    const { domElement } = gl;
    domElement.tabIndex = 0;
    domElement.setAttribute('role', 'img');
    domElement.setAttribute('aria-label', label);
  }, [gl, label]);
  useEffect(() => {
    camera.position.set(fx, fy, fz);
    const controls = new OrbitControls(camera, gl.domElement);
    controls.target.set(lx, ly, lz);
    controls.maxPolarAngle = Math.PI / 2 - 0.02;
    controls.keyPanSpeed = 20;
    controls.listenToKeyEvents(gl.domElement);
    const draw = () => invalidate();
    controls.addEventListener('change', draw);
    controls.update();
    draw();
    walker.current = (pace) => {
      if (pace === 'back') {
        controls.target.set(lx, ly, lz);
        camera.position.set(fx, fy, fz);
      } else {
        const { turnRad = 0, riseRad = 0, times = 1 } = pace;
        const off = new Spherical().setFromVector3(new Vector3().subVectors(camera.position, controls.target));
        off
          .set(off.radius * times, Math.min(controls.maxPolarAngle, off.phi + riseRad), off.theta + turnRad)
          .makeSafe();
        camera.position.setFromSpherical(off).add(controls.target);
      }
      controls.update();
      draw();
    };
    return () => {
      walker.current = null;
      controls.dispose();
    };
  }, [camera, gl, invalidate, walker, lx, ly, lz, fx, fy, fz]);
  return null;
}
