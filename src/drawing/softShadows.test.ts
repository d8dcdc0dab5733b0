import { ShaderChunk, ShaderLib } from 'three';
import { expect, it } from 'vitest';
import { SHADOW_SAMPLES, withSoftShadows, withManySamples } from './softShadows';

const fives = (text: string) => text.match(/vogelDiskSample\( \d, 5, phi \)/g)?.length ?? 0;

it('the edges of flat shadows are filtered over many places, and nothing else of the renderer is touched', () => {
  const chunk = ShaderChunk.shadowmap_pars_fragment;
  const changed = withManySamples(chunk);
  // one sum over five places is gone; that of point lights is not flat and stays as it is
  expect(fives(chunk) - fives(changed)).toBe(5);
  expect(changed).toContain(`vogelDiskSample( i, ${SHADOW_SAMPLES}, phi )`);
  const [before, after] = chunk.split(/shadow = \([\s\S]*?\) \* 0\.2;/);
  expect(changed.startsWith(before!)).toBe(true);
  expect(changed.endsWith(after!)).toBe(true);
});

it('a material asks for it when its shader is built', () => {
  const material = {} as Parameters<typeof withSoftShadows>[0];
  withSoftShadows(material);
  const shader = { fragmentShader: ShaderLib.lambert.fragmentShader };
  material.onBeforeCompile(shader as Parameters<typeof material.onBeforeCompile>[0], null as never);
  expect(shader.fragmentShader).toContain(`i < ${SHADOW_SAMPLES}`);
});
