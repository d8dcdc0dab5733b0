import { ShaderChunk, type Material } from 'three';

/** Places of the shadow map that a pixel looks at; the renderer's own five leave its soft edges dotted. */
export const SHADOW_SAMPLES = 12;

/** The renderer's own sum over five places of the disk. */
const FIVE_SAMPLES = /shadow = \(\s*(?:texture\( shadowMap, .* \)\s*\+?\s*){5}\) \* 0\.2;/;

const sampleAt = (i: string) =>
  `texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( ${i}, ${SHADOW_SAMPLES}, phi ) * radius, shadowCoord.z ) )`;

/** The middle of the disk and three places round its edge are asked first; where they agree, the others are not. */
const ROUND_EDGE = 3;
const FIRST_OF_EDGE = SHADOW_SAMPLES - ROUND_EDGE;

const MANY_SAMPLES = `shadow = ${sampleAt('0')};
  for ( int i = ${FIRST_OF_EDGE}; i < ${SHADOW_SAMPLES}; i ++ ) shadow += ${sampleAt('i')};
  if ( shadow > 0.0 && shadow < ${ROUND_EDGE + 1}.0 ) {
    for ( int i = 1; i < ${FIRST_OF_EDGE}; i ++ ) shadow += ${sampleAt('i')};
    shadow /= ${SHADOW_SAMPLES}.0;
  } else shadow /= ${ROUND_EDGE + 1}.0;`;

/** What filters a shadow's edge, with more places of the same disk. */
export function withManySamples(chunk: string): string {
  return chunk.replace(FIVE_SAMPLES, MANY_SAMPLES);
}

/** Has a material draw the soft edges of shadows smoothly; gives the same material. */
export function withSoftShadows<M extends Material>(material: M): M {
  material.onBeforeCompile = (shader) => {
    shader.fragmentShader = shader.fragmentShader.replace(
      '#include <shadowmap_pars_fragment>',
      withManySamples(ShaderChunk.shadowmap_pars_fragment),
    );
  };
  return material;
}
