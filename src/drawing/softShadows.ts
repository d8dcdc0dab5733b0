import { ShaderChunk, type Material } from 'three';

/** Places of the shadow map that a pixel looks at; the renderer's own five leave its soft edges dotted. */
export const SHADOW_SAMPLES = 12;

/** The renderer's own sum over five places of the disk. */
const FIVE_SAMPLES = /shadow = \(\s*(?:texture\( shadowMap, .* \)\s*\+?\s*){5}\) \* 0\.2;/;

const MANY_SAMPLES = `shadow = 0.0;
  for ( int i = 0; i < ${SHADOW_SAMPLES}; i ++ )
    shadow += texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( i, ${SHADOW_SAMPLES}, phi ) * radius, shadowCoord.z ) );
  shadow /= ${SHADOW_SAMPLES}.0;`;

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
