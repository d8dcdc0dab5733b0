/** What draws figures in this browser: a graphics card, the processor in place of one, or nothing. */
export type Graphics = 'card' | 'processor' | 'none';

/** How renderers name themselves that are programs. Source: names of the free ones and of Windows' own, from memory. */
const BY_PROCESSOR = /swiftshader|llvmpipe|softpipe|software|basic render/i;

/** What a renderer that calls itself so draws with. */
export function graphicsNamed(renderer: string): Graphics {
  return BY_PROCESSOR.test(renderer) ? 'processor' : 'card';
}

function nameOf(context: WebGL2RenderingContext): string {
  const told = context.getExtension('WEBGL_debug_renderer_info');
  return String(context.getParameter(told ? told.UNMASKED_RENDERER_WEBGL : context.RENDERER));
}

let answer: Graphics | undefined;

/** What draws in this browser. The context that is tried is given back at once: there are few. */
export function graphics(): Graphics {
  if (answer === undefined) {
    const context = document.createElement('canvas').getContext('webgl2');
    answer = context ? graphicsNamed(nameOf(context)) : 'none';
    context?.getExtension('WEBGL_lose_context')?.loseContext();
  }
  return answer;
}
