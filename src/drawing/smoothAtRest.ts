import type { Camera, Scene, WebGLRenderer } from 'three';
import { smoothDrawing } from './smoothDrawing';

/** Nothing has changed for so long: the picture is looked at. */
const REST_MS = 3000;

/** Draws a picture that is looked at once more, with smooth edges. */
export interface SmoothAtRest {
  /** Begins to wait after a frame with hard edges. @param beyond what is seen past the room, as it is lit. */
  start(gl: WebGLRenderer, scene: Scene, lens: Camera, beyond: string): void;
  /** Something else is drawn. */
  stop(gl: WebGLRenderer): void;
  dispose(): void;
}

/** For canvases that the processor draws: without smooth edges a frame takes it two thirds of the time. */
export function smoothAtRest(): SmoothAtRest {
  const drawing = smoothDrawing();
  let resting: ReturnType<typeof setTimeout> | undefined;
  return {
    start(gl, scene, lens, beyond) {
      clearTimeout(resting);
      resting = setTimeout(() => {
        if (gl.getContext().isContextLost()) return;
        drawing.draw(gl, scene, lens, beyond);
        gl.domElement.dataset['smooth'] = 'true';
      }, REST_MS);
    },
    stop(gl) {
      clearTimeout(resting);
      delete gl.domElement.dataset['smooth'];
    },
    dispose() {
      clearTimeout(resting);
      drawing.dispose();
    },
  };
}
