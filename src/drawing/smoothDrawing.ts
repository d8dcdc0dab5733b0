import {
  Camera,
  HalfFloatType,
  Mesh,
  PlaneGeometry,
  Scene,
  ShaderMaterial,
  Vector2,
  WebGLRenderTarget,
  type WebGLRenderer,
} from 'three';

/** Places of a pixel that are drawn; as many as a canvas that smooths its edges has by itself. */
const SAMPLES = 4;

/** Draws with smooth edges into a canvas that has none by itself. */
export interface SmoothDrawing {
  /** @param beyond colour of what is seen past the scene, as it is lit: it is exposed with the rest. */
  draw(gl: WebGLRenderer, scene: Scene, lens: Camera, beyond: string): void;
  dispose(): void;
}

/** Lays a drawn picture over the canvas, exposed and in the canvas's own colours. */
function overlay(): ShaderMaterial {
  return new ShaderMaterial({
    uniforms: { drawn: { value: null } },
    depthTest: false,
    depthWrite: false,
    vertexShader: 'varying vec2 at; void main() { at = uv; gl_Position = vec4(position.xy, 0.0, 1.0); }',
    fragmentShader: `uniform sampler2D drawn; varying vec2 at;
      void main() {
        gl_FragColor = texture2D(drawn, at);
        #include <tonemapping_fragment>
        #include <colorspace_fragment>
      }`,
  });
}

/** What a canvas without smooth edges is drawn with where there is time. */
export function smoothDrawing(): SmoothDrawing {
  const target = new WebGLRenderTarget(1, 1, { samples: SAMPLES, type: HalfFloatType });
  const material = overlay();
  material.uniforms['drawn']!.value = target.texture;
  const plane = new PlaneGeometry(2, 2);
  const sheet = new Mesh(plane, material);
  sheet.frustumCulled = false;
  const scene = new Scene().add(sheet);
  const flat = new Camera();
  const size = new Vector2();
  return {
    draw(gl, picture, lens, beyond) {
      gl.getDrawingBufferSize(size);
      target.setSize(size.x, size.y);
      gl.setClearColor(beyond, 1);
      gl.setRenderTarget(target);
      gl.render(picture, lens);
      gl.setRenderTarget(null);
      gl.render(scene, flat);
    },
    dispose() {
      target.dispose();
      material.dispose();
      plane.dispose();
    },
  };
}
