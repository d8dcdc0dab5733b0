import { expect, it } from 'vitest';
import { graphicsNamed } from './graphics';

it('tells a program that draws from a graphics card, by its name', () => {
  for (const name of [
    'ANGLE (Google, Vulkan 1.3.0 (SwiftShader Device (Subzero) (0x0000C0DE)), SwiftShader driver)',
    'llvmpipe (LLVM 15.0.6, 256 bits)',
    'Microsoft Basic Render Driver',
  ])
    expect(graphicsNamed(name)).toBe('processor');
  for (const name of ['ANGLE (Intel, Mesa Intel(R) UHD Graphics 620)', 'a card of tomorrow', ''])
    expect(graphicsNamed(name)).toBe('card');
});
