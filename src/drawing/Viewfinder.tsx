'use client';

import { Canvas } from '@react-three/fiber';
import { memo, useMemo, useRef } from 'react';
import { LinearToneMapping, PCFShadowMap, SRGBColorSpace, type Material, type SpotLight } from 'three';
import { EXPOSURE } from '@/core/picture';
import { graphics } from './graphics';
import { drawingMaterials } from './materials';
import type { DrawnPerson, ViewfinderProps } from './viewfinderProps';
import { useDrawnFrames, useFigure, useGhost, useLamps, useLostCard, useSetGeometry } from './useDrawn';

interface OtherPersonProps extends DrawnPerson, Pick<ViewfinderProps, 'supports'> {
  lamps: readonly SpotLight[];
  material: Material;
}

/** Somebody who is in the picture besides the one in the hand. */
function OtherPerson({ lamps, material, ...person }: OtherPersonProps) {
  const figure = useFigure(person, lamps);
  return <mesh geometry={figure} material={material} castShadow receiveShadow frustumCulled={false} />;
}

function Scene(props: ViewfinderProps) {
  const { light, mode } = props;
  const materials = useMemo(() => drawingMaterials(), []);
  const lamps = useLamps(props);
  const figure = useFigure(props, lamps);
  const { floorAndBack, furniture } = useSetGeometry(props);
  const ghost = useGhost(props);
  useDrawnFrames(props);
  useLostCard(props);
  const isPicture = mode === 'picture';
  const onSet = {
    material: materials.picture,
    receiveShadow: true,
    frustumCulled: false,
    visible: isPicture,
  };
  return (
    <>
      <ambientLight intensity={Math.PI * light.ambientShare * EXPOSURE} visible={isPicture} />
      <mesh geometry={figure} material={materials[mode]} castShadow receiveShadow frustumCulled={false} />
      {props.others.map((other) => (
        <OtherPerson
          key={other.role}
          {...other}
          supports={props.supports}
          lamps={lamps}
          material={materials[mode]}
        />
      ))}
      <mesh {...onSet} geometry={furniture} castShadow />
      {ghost && <mesh geometry={ghost} material={materials.ghost} frustumCulled={false} renderOrder={2} />}
      <mesh {...onSet} geometry={floorAndBack} />
    </>
  );
}

function DrawnView(props: ViewfinderProps) {
  const drawn = useRef<HTMLDivElement>(null);
  const onDrawn = () => {
    const host = drawn.current;
    if (host) {
      host.dataset.frames = String(Number(host.dataset.frames ?? 0) + 1);
      host.dataset.drawnMode = props.mode;
      host.dataset.drawnStops = props.exposureStops.toFixed(1);
    }
    props.onDrawn?.();
  };
  return (
    <div ref={drawn} className="absolute inset-0" data-testid="viewfinder" data-mode={props.mode}>
      <Canvas
        frameloop="demand"
        dpr={1}
        shadows={{ type: PCFShadowMap }}
        gl={{
          alpha: false,
          // without a card smooth edges take a third of a frame's time; they are drawn when it rests
          antialias: props.mode === 'picture' && graphics() === 'card',
          preserveDrawingBuffer: true,
          toneMapping: LinearToneMapping,
          outputColorSpace: SRGBColorSpace,
        }}
        aria-label="The sitter through the lens"
        role="img"
      >
        <Scene {...props} onDrawn={onDrawn} />
      </Canvas>
    </div>
  );
}

/** The sitter through the lens, drawn on demand. */
export const Viewfinder = memo(DrawnView, (_, next) => next.isHeld === true);
