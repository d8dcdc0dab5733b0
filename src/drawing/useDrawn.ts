'use client';

import { useFrame, useThree } from '@react-three/fiber';
import { useLayoutEffect, useMemo, useState } from 'react';
import { Color, PerspectiveCamera, type SpotLight } from 'three';
import { lightingOf } from '@/core/light';
import { aimLens } from './aimLens';
import { graphics } from './graphics';
import { figureGeometry } from './figureGeometry';
import { frameTimer } from './frameTime';
import { groundGeometry } from './groundGeometry';
import { castAnew, lampOf, setLamp } from './lamps';
import { supportGeometry } from './supportGeometry';
import { useSame } from './useSame';
import { smoothAtRest } from './smoothAtRest';
import type { DrawnPerson, ViewfinderProps } from './viewfinderProps';

/** What is seen past the room. */
const BEYOND = '#4f473c';

// What a frame is drawn from is set in layout effects: those that come after the painting would draw it a second time.

/** Asks for another frame when `thing` changes, and gives it back when it is replaced. */
function useDisposed(thing: { dispose(): void } | null | undefined): void {
  const invalidate = useThree((s) => s.invalidate);
  useLayoutEffect(() => {
    invalidate();
    return () => thing?.dispose();
  }, [thing, invalidate]);
}

/** Key and other lamps in the scene, set to the light of the picture. */
export function useLamps({ light, ground, ...given }: ViewfinderProps): readonly SpotLight[] {
  const face = useSame(given.face);
  const scene = useThree((s) => s.scene);
  const invalidate = useThree((s) => s.invalidate);
  const lighting = useMemo(() => lightingOf(light, face, ground.backgroundM), [light, face, ground]);
  const count = lighting.sources.length;
  const lamps = useMemo(() => Array.from({ length: count }, (_, i) => lampOf(i === 0)), [count]);
  useLayoutEffect(() => {
    const all = lamps.flatMap((lamp) => [lamp, lamp.target]);
    scene.add(...all);
    return () => {
      scene.remove(...all);
      for (const lamp of lamps) lamp.dispose();
    };
  }, [scene, lamps]);
  useLayoutEffect(() => {
    lamps.forEach((lamp, i) => setLamp(lamp, lighting.sources[i]!, face));
    invalidate();
  }, [lighting, face, lamps, invalidate]);
  return lamps;
}

/** What stands on the set: the ground, and supports with the furniture. */
export function useSetGeometry({ ground, supports }: ViewfinderProps) {
  const floorAndBack = useMemo(() => groundGeometry(ground), [ground]);
  const furniture = useMemo(() => supportGeometry([...supports, ...ground.furniture]), [supports, ground]);
  useDisposed(floorAndBack);
  useDisposed(furniture);
  return { floorAndBack, furniture };
}

/** Somebody as posed. */
export function useFigure(
  { surface, ...given }: DrawnPerson & Pick<ViewfinderProps, 'supports'>,
  lamps: readonly SpotLight[],
) {
  const transforms = useSame(given.transforms);
  const rods = useSame(given.rods);
  const expression = useSame(given.expression);
  const supports = useSame(given.supports);
  const invalidate = useThree((s) => s.invalidate);
  const figure = useMemo(() => figureGeometry(surface), [surface]);
  useDisposed(figure.geometry);
  useLayoutEffect(() => {
    figure.pose(transforms, expression, supports, rods);
    castAnew(lamps);
    invalidate();
  }, [figure, transforms, rods, expression, supports, lamps, invalidate]);
  return figure.geometry;
}

/** Another pose of the same sitter, drawn through this one; null where there is none. */
export function useGhost({ surface, ghost }: ViewfinderProps) {
  const invalidate = useThree((s) => s.invalidate);
  const isShown = ghost !== null;
  const other = useMemo(() => (isShown ? figureGeometry(surface) : null), [isShown, surface]);
  useDisposed(other?.geometry);
  useLayoutEffect(() => {
    if (other && ghost) other.pose(ghost);
    invalidate();
  }, [other, ghost, invalidate]);
  return other?.geometry ?? null;
}

/** Hears of a lost and of a restored graphics card; what is drawn comes back by itself. */
export function useLostCard({ onLost }: ViewfinderProps): void {
  const canvas = useThree((s) => s.gl.domElement);
  const invalidate = useThree((s) => s.invalidate);
  useLayoutEffect(() => {
    const lost = () => onLost?.(true);
    const back = () => {
      onLost?.(false);
      invalidate();
    };
    canvas.addEventListener('webglcontextlost', lost);
    canvas.addEventListener('webglcontextrestored', back);
    return () => {
      canvas.removeEventListener('webglcontextlost', lost);
      canvas.removeEventListener('webglcontextrestored', back);
    };
  }, [canvas, onLost, invalidate]);
}

/** Draws a frame through the lens whenever one is asked for. */
export function useDrawnFrames(props: ViewfinderProps): void {
  const { mode, exposureStops, onDrawn, onFrameTime } = props;
  const view = useSame(props.view);
  const invalidate = useThree((s) => s.invalidate);
  const scene = useThree((s) => s.scene);
  const lens = useMemo(() => new PerspectiveCamera(), []);
  const [clear] = useState(() => new Color());
  const [timer] = useState(() => frameTimer((leastMs) => onFrameTime?.(leastMs)));
  useLayoutEffect(() => {
    aimLens(lens, view);
    invalidate();
  }, [view, lens, invalidate]);
  useLayoutEffect(invalidate, [mode, exposureStops, invalidate]);
  const [smooth] = useState(() => (graphics() === 'processor' ? smoothAtRest() : null));
  useLayoutEffect(() => () => smooth?.dispose(), [smooth]);
  useFrame(({ gl }) => {
    gl.toneMappingExposure = 2 ** exposureStops;
    gl.setClearColor(mode === 'parts' ? '#000000' : clear.set(BEYOND).multiplyScalar(2 ** exposureStops), 1);
    gl.render(scene, lens);
    smooth?.stop(gl);
    if (mode === 'picture') smooth?.start(gl, scene, lens, BEYOND);
    timer(gl.getContext() as WebGL2RenderingContext);
    onDrawn?.();
  }, 1);
}
