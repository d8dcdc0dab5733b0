import { KERNEL_BASE64 } from './bytes';

/** What the compiled loops offer; arguments that end in `At` are addresses in their memory, see `kernel/`. */
export interface Kernel {
  memory: WebAssembly.Memory;
  freeFrom(): number;
  skin(
    count: number,
    bindAt: number,
    bindNormalsAt: number,
    jointsAt: number,
    weightsAt: number,
    columnsAt: number,
    positionsAt: number,
    normalsAt: number,
  ): void;
  project(
    count: number,
    positionsAt: number,
    viewAt: number,
    width: number,
    height: number,
    left: number,
    top: number,
    outAt: number,
  ): void;
  clearRaster(pixels: number, inverseAt: number, indexAt: number): void;
  rasterise(
    count: number,
    trianglesAt: number,
    projectedAt: number,
    width: number,
    height: number,
    nearest: number,
    first: number,
    listAt: number,
    inverseAt: number,
    indexAt: number,
  ): void;
  resolve(
    width: number,
    height: number,
    indexAt: number,
    inverseAt: number,
    own: number,
    triangleLabelsAt: number,
    labelAt: number,
    depthAt: number,
    sumsAt: number,
  ): void;
  blockPlaces(
    places: number,
    positionAt: number,
    normalAt: number,
    viewAt: number,
    width: number,
    headInverseAt: number,
    noseInverseAt: number,
    outAt: number,
  ): void;
  markDirections(
    places: number,
    positionAt: number,
    normalAt: number,
    points: number,
    xyzAt: number,
    isEven: boolean,
    azimuths: number,
    elevations: number,
    marksAt: number,
  ): void;
  lightPlaces(
    places: number,
    positionAt: number,
    normalAt: number,
    points: number,
    xyzAt: number,
    aimX: number,
    aimY: number,
    aimZ: number,
    isBall: boolean,
    gridCos: number,
    isEven: boolean,
    azimuths: number,
    elevations: number,
    rowsAt: number,
    freeAt: number,
    byNoseAt: number,
  ): void;
  groundNodesBytes(width: number, height: number): number;
  illuminate(
    width: number,
    height: number,
    viewAt: number,
    indexAt: number,
    depthAt: number,
    labelAt: number,
    own: number,
    trianglesAt: number,
    positionsAt: number,
    normalsAt: number,
    supportTrianglesAt: number,
    supportNormalsAt: number,
    sourcesAt: number,
    sources: number,
    ambient: number,
    groundLaidAt: number,
    groundNodesAt: number,
    elsewhereAt: number,
    lightAt: number,
    keyOpenAt: number,
    groundPartAt: number,
  ): void;
  expose(
    width: number,
    height: number,
    viewAt: number,
    indexAt: number,
    depthAt: number,
    lightAt: number,
    groundPartAt: number,
    own: number,
    trianglesAt: number,
    positionsAt: number,
    coloursAt: number,
    opennessAt: number,
    supportTrianglesAt: number,
    supportColoursAt: number,
    tonesAt: number,
    hasGround: number,
    exposure: number,
    outAt: number,
  ): void;
  develop(pixels: number, linearAt: number, tableAt: number, outAt: number): void;
}

let running: Kernel | undefined;

/**
 * The compiled loops, started on first use: in a worker or in Node. A page's own policy does not allow it there.
 * @throws Error where WebAssembly may not be compiled.
 */
export function kernel(): Kernel {
  if (!running) {
    const bytes = Uint8Array.from(atob(KERNEL_BASE64), (c) => c.charCodeAt(0));
    const { exports } = new WebAssembly.Instance(new WebAssembly.Module(bytes));
    running = exports as unknown as Kernel;
  }
  return running;
}
