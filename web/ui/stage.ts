'use client';
import { useEffect, useRef, useState } from 'react';
import * as THREE from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';

export interface Stage {
  renderer: THREE.WebGLRenderer;
  scene: THREE.Scene;
  camera: THREE.PerspectiveCamera;
  controls: OrbitControls;
  sunlight: THREE.DirectionalLight;
  draw: () => void;
}

/** What a stage looks at: metres, x right, y up, z towards the reader. `span` is how wide what stands on it is. */
export interface Sight {
  label: string;
  look: readonly [number, number, number];
  from: readonly [number, number, number];
  span: number;
  /** Height of the canvas, by its width. */
  tall: (width: number) => number;
}

/** A canvas in three dimensions, drawn when something changes and not all the time. `without` where the browser has no WebGL. */
export function useStage({ label, look: [lx, ly, lz], from: [fx, fy, fz], span, tall }: Sight) {
  const frame = useRef<HTMLDivElement>(null);
  const stage = useRef<Stage | null>(null);
  const height = useRef(tall);
  const [without, setWithout] = useState(false);
  useEffect(() => {
    height.current = tall;
  });
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    let renderer: THREE.WebGLRenderer;
    try {
      renderer = new THREE.WebGLRenderer({ antialias: true, preserveDrawingBuffer: true });
    } catch {
      setWithout(true);
      return;
    }
    renderer.shadowMap.enabled = true;
    renderer.domElement.className = 'block';
    renderer.domElement.tabIndex = 0;
    renderer.domElement.setAttribute('role', 'img');
    renderer.domElement.setAttribute('aria-label', label);
    element.appendChild(renderer.domElement);
    const scene = new THREE.Scene();
    scene.background = new THREE.Color(0xdfe8ee);
    const camera = new THREE.PerspectiveCamera(40, 1, 0.05, 200);
    camera.position.set(fx, fy, fz);
    const controls = new OrbitControls(camera, renderer.domElement);
    controls.target.set(lx, ly, lz);
    controls.maxPolarAngle = Math.PI / 2 - 0.02;
    controls.keyPanSpeed = 20;
    controls.listenToKeyEvents(renderer.domElement);
    const sunlight = new THREE.DirectionalLight(0xfff2d8, 2.6);
    sunlight.castShadow = true;
    sunlight.shadow.mapSize.set(2048, 2048);
    const reach = span * 0.85;
    Object.assign(sunlight.shadow.camera, {
      left: -reach,
      right: reach,
      top: reach,
      bottom: -reach,
      near: 0.1,
      far: span * 6,
    });
    sunlight.shadow.bias = -0.0008;
    sunlight.target.position.copy(controls.target);
    scene.add(sunlight, sunlight.target, new THREE.HemisphereLight(0xdfeaf5, 0xa39a80, 1.1));
    const draw = () => renderer.render(scene, camera);
    controls.addEventListener('change', draw);
    controls.update();
    const watch = new ResizeObserver(() => {
      const width = element.clientWidth;
      const high = height.current(width);
      renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
      renderer.setSize(width, high);
      camera.aspect = width / high;
      camera.updateProjectionMatrix();
      draw();
    });
    watch.observe(element);
    stage.current = { renderer, scene, camera, controls, sunlight, draw };
    return () => {
      watch.disconnect();
      controls.dispose();
      renderer.dispose();
      renderer.domElement.remove();
      stage.current = null;
    };
  }, [label, lx, ly, lz, fx, fy, fz, span]);
  return { frame, stage, without };
}

/** Puts a body on the stage for as long as the caller's effect lives. */
export function show(stage: Stage, body: THREE.Object3D): () => void {
  stage.scene.add(body);
  stage.draw();
  return () => {
    stage.scene.remove(body);
    body.traverse((one) => {
      if (one instanceof THREE.Mesh || one instanceof THREE.LineSegments) {
        (one.geometry as THREE.BufferGeometry).dispose();
        (one.material as THREE.Material).dispose();
      }
    });
  };
}
