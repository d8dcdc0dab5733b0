let answer: boolean | undefined;

/** Whether this browser draws by WebGL at all. The context that is tried is given back at once: there are few. */
export function hasGraphics(): boolean {
  if (answer === undefined) {
    const context = document.createElement('canvas').getContext('webgl2');
    context?.getExtension('WEBGL_lose_context')?.loseContext();
    answer = context !== null;
  }
  return answer;
}
