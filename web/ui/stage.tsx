'use client';
import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo, useState, type ReactNode, type Ref } from 'react';
import { Object3D } from 'three';
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
}

const LENS_DEG = 40;
const SKY = '#dfe8ee';
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
  if (!able) return <p className="border-l-4 border-ochre bg-sheet p-4">{without}</p>;
  return (
    <div className={room}>
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
        <color attach="background" args={[SKY]} />
        <hemisphereLight args={['#dfeaf5', '#a39a80', 1.1]} />
        <Sunlight look={sight.look} span={sight.span} sun={sight.sun} />
        <Walk label={sight.label} look={sight.look} from={sight.from} />
        {children}
      </Canvas>
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
function Walk({ label, look: [lx, ly, lz], from: [fx, fy, fz] }: Pick<Sight, 'label' | 'look' | 'from'>) {
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
    return () => controls.dispose();
  }, [camera, gl, invalidate, lx, ly, lz, fx, fy, fz]);
  return null;
}
