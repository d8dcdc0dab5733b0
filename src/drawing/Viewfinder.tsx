'use client';

import { Canvas, useFrame, useThree } from '@react-three/fiber';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import {
  BufferAttribute,
  BufferGeometry,
  Color,
  FrontSide,
  LinearToneMapping,
  Matrix4,
  MeshBasicMaterial,
  MeshLambertMaterial,
  PCFShadowMap,
  PerspectiveCamera,
  ShaderMaterial,
  SpotLight,
  SRGBColorSpace,
  Vector3,
} from 'three';
import type { View } from '@/core/camera';
import { irradianceFrom, lightingOf, type Light, type LightSamples } from '@/core/light';
import { EXPOSURE } from '@/core/picture';
import { supportMesh, type Ground, type Support } from '@/core/scene';
import type { Vec3 } from '@/core/units';
import { figureGeometry } from './figureGeometry';
import { frameTimer } from './frameTime';
import { groundGeometry } from './groundGeometry';
import { withSoftShadows } from './softShadows';
import type { BodySurface, FaceShares } from '@/core/body';
import type { Rod } from '@/core/figure';

/** What the viewfinder draws. */
export interface ViewfinderProps {
  surface: BodySurface;
  transforms: Float64Array;
  /** Arms and hands as what they press. */
  rods: readonly Rod[];
  /** What the face does. */
  expression: FaceShares;
  /** What the lens sees: the camera's own view, or another way round the sitter. */
  view: View;
  light: Light;
  /** Where the key is aimed, metres. */
  face: Vec3;
  /** What lies behind and under the sitter. */
  ground: Ground;
  /** What stands beside the sitter. */
  supports: readonly Support[];
  /** Joints of another pose that is drawn through this one. */
  ghost: Float64Array | null;
  /** `parts` shows the part labels in plain colours. */
  mode: 'picture' | 'parts';
  /** Brighter or darker than a face lit by the key asks for. */
  exposureStops: number;
  /** Called after every drawn frame. */
  onDrawn?(): void;
  /** Hears how long a frame takes at the least, milliseconds. */
  onFrameTime?(leastMs: number): void;
  /** The picture stays as it was drawn, whatever changes. */
  isHeld?: boolean;
}

/** Flat, unlit part colours, exactly as given. */
function partsMaterial(): ShaderMaterial {
  return new ShaderMaterial({
    side: FrontSide,
    vertexShader: `attribute vec3 partColor; varying vec3 vPart;
      void main() { vPart = partColor; gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0); }`,
    fragmentShader: 'varying vec3 vPart; void main() { gl_FragColor = vec4(vPart, 1.0); }',
  });
}

/** Puts the drawing camera where the camera of the set stands, with its frame. */
function aimLens(lens: PerspectiveCamera, view: View): void {
  lens.fov = (2 * Math.atan(view.tanHalfHeight) * 180) / Math.PI;
  lens.aspect = view.tanHalfWidth / view.tanHalfHeight;
  lens.near = 0.1;
  lens.far = 60;
  lens.position.set(...view.eye);
  const { right, up, forward } = view;
  const basis = new Matrix4().makeBasis(
    new Vector3(...right),
    new Vector3(...up),
    new Vector3(-forward[0], -forward[1], -forward[2]),
  );
  lens.quaternion.setFromRotationMatrix(basis);
  lens.updateProjectionMatrix();
  lens.updateMatrixWorld();
}

/** What is seen past the room. */
const BEYOND = '#4f473c';

/** The cone that a lamp is drawn in takes in the whole set round the sitter. */
const WIDEST_CONE = 1.25;

/** A lamp of the drawing; only the key's shadow is drawn finely. */
function lampOf(isKey: boolean): SpotLight {
  const spot = new SpotLight('#ffffff', 1, 0, WIDEST_CONE, 0, 2);
  const side = isKey ? 1024 : 512;
  spot.shadow.mapSize.set(side, side);
  spot.shadow.bias = -0.0014;
  spot.shadow.normalBias = 0.02;
  // cast anew when sitter, supports or lamp move, not with every frame
  spot.shadow.autoUpdate = false;
  return spot;
}

/** So far a drawn shadow has to reach round the sitter, and the light of a lamp without a grid, metres. */
const SHADOWED_M = 1.9;
const LIT_M = 9;
/** From here on a lamp is one of the sky. */
const FAR_LAMP_M = 20;

/** Sets a lamp so that the face receives from it what it receives from the source. */
function setLamp(lamp: SpotLight, source: LightSamples, face: Vec3): void {
  const { centre, aim } = source;
  const toLamp: Vec3 = [centre[0] - face[0], centre[1] - face[1], centre[2] - face[2]];
  const distance = Math.hypot(...toLamp);
  const facing = toLamp.map((c) => c / distance) as Vec3;
  const onFace = irradianceFrom(source, face, facing);
  lamp.position.set(...centre);
  // a lamp that is turned away from the face still shines along its own aim
  const isAimed = -(aim[0] * facing[0] + aim[1] * facing[1] + aim[2] * facing[2]) > 0.5;
  const isGridded = source.gridCos > -1;
  const target =
    isAimed && !isGridded
      ? [face[0] * 0.7, face[1] * 0.72, face[2] * 0.7]
      : centre.map((c, i) => c + aim[i]!);
  lamp.target.position.set(target[0]!, target[1]!, target[2]!);
  lamp.intensity = Math.PI * EXPOSURE * (isAimed ? onFace * distance * distance : source.intensity);
  lamp.castShadow = source.castsShadow;
  // the cone of a lamp without a grid is wider than the set; its shadow is only looked for round the sitter
  const shadowed = Math.atan((distance > FAR_LAMP_M ? 2 * SHADOWED_M : SHADOWED_M) / distance);
  lamp.angle = isGridded
    ? Math.acos(source.gridCos)
    : Math.min(WIDEST_CONE, Math.max(shadowed, Math.atan(LIT_M / distance)));
  lamp.penumbra = isGridded ? 1 : 0.2;
  lamp.shadow.focus = Math.min(1, shadowed / lamp.angle);
  // the wider the source, the wider the filtered edge of its shadow
  lamp.shadow.radius = Math.min(9, 1 + 7 * source.sizeM * (SHADOWED_M / Math.max(SHADOWED_M, distance)));
  lamp.shadow.camera.near = Math.max(0.3, distance - 6);
  lamp.shadow.camera.far = distance + 10;
  lamp.target.updateMatrixWorld();
  lamp.shadow.needsUpdate = true;
}

/** Has the shadows of lamps cast again with the next frame. */
function castAnew(lamps: readonly SpotLight[]): void {
  for (const lamp of lamps) lamp.shadow.needsUpdate = true;
}

/** Supports as one drawn mesh. */
function supportGeometry(supports: readonly Support[]): BufferGeometry {
  const { positions, normals, colours, triangles } = supportMesh(supports);
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setAttribute('normal', new BufferAttribute(normals, 3));
  geometry.setAttribute('color', new BufferAttribute(colours, 3));
  geometry.setIndex(new BufferAttribute(triangles, 1));
  return geometry;
}

function Scene(props: ViewfinderProps) {
  const {
    surface,
    transforms,
    rods,
    expression,
    view,
    light,
    face,
    ground,
    supports,
    ghost,
    mode,
    exposureStops,
    onDrawn,
    onFrameTime,
  } = props;
  const invalidate = useThree((s) => s.invalidate);
  const scene = useThree((s) => s.scene);
  const figure = useMemo(() => figureGeometry(surface), [surface]);
  const floorAndBack = useMemo(() => groundGeometry(ground), [ground]);
  const furniture = useMemo(() => supportGeometry([...supports, ...ground.furniture]), [supports, ground]);
  const materials = useMemo(
    () => ({
      picture: withSoftShadows(new MeshLambertMaterial({ vertexColors: true })),
      parts: partsMaterial(),
      ghost: new MeshBasicMaterial({
        color: '#e3c264',
        transparent: true,
        opacity: 0.34,
        depthWrite: false,
        toneMapped: false,
      }),
    }),
    [],
  );
  const other = useMemo(() => (ghost ? figureGeometry(surface) : null), [ghost, surface]);
  useEffect(() => {
    if (other && ghost) other.pose(ghost);
    invalidate();
    return () => other?.geometry.dispose();
  }, [other, ghost, invalidate]);
  const lens = useMemo(() => new PerspectiveCamera(), []);
  const lighting = useMemo(() => lightingOf(light, face, ground.backgroundM), [light, face, ground]);
  const count = lighting.sources.length;
  const lamps = useMemo(() => Array.from({ length: count }, (_, i) => lampOf(i === 0)), [count]);

  useEffect(() => () => figure.geometry.dispose(), [figure]);
  useEffect(() => {
    invalidate();
    return () => floorAndBack.dispose();
  }, [floorAndBack, invalidate]);
  useEffect(() => {
    invalidate();
    return () => furniture.dispose();
  }, [furniture, invalidate]);
  useEffect(() => {
    figure.pose(transforms, expression, supports, rods);
    castAnew(lamps);
    invalidate();
  }, [figure, furniture, transforms, rods, expression, supports, lamps, invalidate]);

  useEffect(() => {
    aimLens(lens, view);
    invalidate();
  }, [view, lens, invalidate]);

  useEffect(() => {
    lamps.forEach((lamp, i) => setLamp(lamp, lighting.sources[i]!, face));
    invalidate();
  }, [lighting, face, lamps, invalidate]);

  useEffect(() => {
    const all = lamps.flatMap((lamp) => [lamp, lamp.target]);
    scene.add(...all);
    invalidate();
    return () => {
      scene.remove(...all);
      for (const lamp of lamps) lamp.dispose();
    };
  }, [scene, lamps, invalidate]);

  useEffect(invalidate, [mode, exposureStops, invalidate]);
  const [clear] = useState(() => new Color());
  const [timer] = useState(() => frameTimer((leastMs) => onFrameTime?.(leastMs)));

  useFrame(({ gl }) => {
    gl.toneMappingExposure = 2 ** exposureStops;
    gl.setClearColor(mode === 'parts' ? '#000000' : clear.set(BEYOND).multiplyScalar(2 ** exposureStops), 1);
    gl.render(scene, lens);
    timer(gl.getContext() as WebGL2RenderingContext);
    onDrawn?.();
  }, 1);

  return (
    <>
      <ambientLight intensity={Math.PI * light.ambientShare * EXPOSURE} visible={mode === 'picture'} />
      <mesh
        geometry={figure.geometry}
        material={materials[mode]}
        castShadow
        receiveShadow
        frustumCulled={false}
      />
      <mesh
        geometry={furniture}
        material={materials.picture}
        castShadow
        receiveShadow
        frustumCulled={false}
        visible={mode === 'picture'}
      />
      {other && (
        <mesh geometry={other.geometry} material={materials.ghost} frustumCulled={false} renderOrder={2} />
      )}
      <mesh
        geometry={floorAndBack}
        material={materials.picture}
        receiveShadow
        frustumCulled={false}
        visible={mode === 'picture'}
      />
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
          antialias: props.mode === 'picture',
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
