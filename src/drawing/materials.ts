import { FrontSide, MeshBasicMaterial, MeshLambertMaterial, ShaderMaterial } from 'three';
import { withSoftShadows } from './softShadows';

/** Flat, unlit part colours, exactly as given. */
function partsMaterial(): ShaderMaterial {
  return new ShaderMaterial({
    side: FrontSide,
    vertexShader: `attribute vec3 partColor; varying vec3 vPart;
      void main() { vPart = partColor; gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0); }`,
    fragmentShader: 'varying vec3 vPart; void main() { gl_FragColor = vec4(vPart, 1.0); }',
  });
}

/** How the sitter, the ground and the other pose are drawn. */
export function drawingMaterials() {
  return {
    picture: withSoftShadows(new MeshLambertMaterial({ vertexColors: true })),
    parts: partsMaterial(),
    ghost: new MeshBasicMaterial({
      color: '#e3c264',
      transparent: true,
      opacity: 0.34,
      depthWrite: false,
      toneMapped: false,
    }),
  };
}
