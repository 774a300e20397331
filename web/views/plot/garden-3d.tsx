'use client';
import { useEffect, useRef, useState } from 'react';
import { ImageDown } from 'lucide-react';
import * as THREE from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import type { SunPosition } from '@lignum/core/site/sun/sun-position';
import { Button } from '../../ui/button';
import { gardenOf } from '../shell/computed';
import { useGarden } from '../shell/garden-context';
import { buildGarden } from './scene';

interface Stage {
  renderer: THREE.WebGLRenderer;
  scene: THREE.Scene;
  camera: THREE.PerspectiveCamera;
  controls: OrbitControls;
  sunlight: THREE.DirectionalLight;
  draw: () => void;
}

/** A walk round the garden on a day and at an hour. Drawn when something changes, not all the time. */
export default function Garden3d({ sun, day, says }: { sun: SunPosition; day: number; says: string }) {
  const { plan } = useGarden();
  const frame = useRef<HTMLDivElement>(null);
  const stage = useRef<Stage | null>(null);
  const [without, setWithout] = useState(false);
  const { widthMm, depthMm, northDeg } = plan.site;

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
    renderer.domElement.setAttribute('aria-label', 'The garden in three dimensions. Arrow keys move, drag turns.');
    element.appendChild(renderer.domElement);
    const scene = new THREE.Scene();
    scene.background = new THREE.Color(0xdfe8ee);
    const camera = new THREE.PerspectiveCamera(40, 1, 0.1, 200);
    const span = Math.max(widthMm, depthMm) / 1000;
    camera.position.set(widthMm / 2000 + span * 0.35, span * 0.75, span * 0.55);
    const controls = new OrbitControls(camera, renderer.domElement);
    controls.target.set(widthMm / 2000, 0.4, -depthMm / 2000);
    controls.maxPolarAngle = Math.PI / 2 - 0.02;
    controls.keyPanSpeed = 20;
    controls.listenToKeyEvents(renderer.domElement);
    const sunlight = new THREE.DirectionalLight(0xfff2d8, 2.6);
    sunlight.castShadow = true;
    sunlight.shadow.mapSize.set(2048, 2048);
    const reach = span * 0.85;
    Object.assign(sunlight.shadow.camera, { left: -reach, right: reach, top: reach, bottom: -reach, near: 1, far: span * 6 });
    sunlight.shadow.bias = -0.0008;
    sunlight.target.position.copy(controls.target);
    scene.add(sunlight, sunlight.target, new THREE.HemisphereLight(0xdfeaf5, 0xa39a80, 1.1));
    const draw = () => renderer.render(scene, camera);
    controls.addEventListener('change', draw);
    controls.update();
    const watch = new ResizeObserver(() => {
      const width = element.clientWidth;
      const height = Math.max(320, Math.min(width * 0.75, window.innerHeight - 190));
      renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
      renderer.setSize(width, height);
      camera.aspect = width / height;
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
  }, [widthMm, depthMm]);

  useEffect(() => {
    const on = stage.current;
    if (!on) return;
    const garden = buildGarden(plan, gardenOf(plan), day);
    on.scene.add(garden);
    on.draw();
    return () => {
      on.scene.remove(garden);
      garden.traverse((one) => { if (one instanceof THREE.Mesh || one instanceof THREE.LineSegments) { (one.geometry as THREE.BufferGeometry).dispose(); (one.material as THREE.Material).dispose(); } });
    };
  }, [plan, day]);

  useEffect(() => {
    const on = stage.current;
    if (!on) return;
    const bearing = sun.azimuthRad - (northDeg * Math.PI) / 180;
    const far = Math.max(widthMm, depthMm) / 400;
    const flat = Math.cos(sun.altitudeRad);
    on.sunlight.position.copy(on.controls.target).add(new THREE.Vector3(Math.sin(bearing) * flat, Math.sin(sun.altitudeRad), -Math.cos(bearing) * flat).multiplyScalar(far));
    on.sunlight.intensity = sun.altitudeRad > 0 ? 0.6 + 2 * Math.min(1, sun.altitudeRad / 0.5) : 0;
    on.draw();
  }, [sun, northDeg, widthMm, depthMm, plan, day]);

  const save = () => stage.current?.renderer.domElement.toBlob((picture) => {
    if (!picture) return;
    const link = document.createElement('a');
    link.href = URL.createObjectURL(picture);
    link.download = `${plan.garden.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-${says.replace(/\W+/g, '-')}.png`;
    link.click();
    URL.revokeObjectURL(link.href);
  }, 'image/png');

  if (without) return <p className="border-l-4 border-ochre bg-sheet p-4">This browser has no WebGL, so the garden cannot be shown in three dimensions here. The plan, its shadows and the hours of sun need none of it.</p>;
  return (
    <div>
      <div ref={frame} className="w-full" />
      <div className="mt-1 flex items-center justify-between"><p className="text-[0.9rem] text-soft">Drag to walk round, scroll to come nearer, right-drag or arrow keys to move.</p><Button look="quiet" onClick={save}><ImageDown size={16} aria-hidden />Save a picture</Button></div>
    </div>
  );
}
