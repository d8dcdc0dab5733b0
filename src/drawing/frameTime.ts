/** Frames that are timed; the first of them still builds shaders. */
const TIMED = 5;
const POLL_MS = 4;

/**
 * Times drawn frames until the graphics card, or what stands in for it, is through with them, without waiting for it.
 * @param onTime hears the shortest time so far, milliseconds, from the second frame on.
 */
export function frameTimer(onTime: (leastMs: number) => void): (gl: WebGL2RenderingContext) => void {
  let begun = 0;
  let leastMs = Infinity;
  return (gl) => {
    if (begun >= TIMED) return;
    const isFirst = begun++ === 0;
    const start = performance.now();
    const sync = gl.fenceSync(gl.SYNC_GPU_COMMANDS_COMPLETE, 0);
    if (!sync) return;
    gl.flush();
    const poll = () => {
      if (gl.isContextLost()) return;
      if (gl.getSyncParameter(sync, gl.SYNC_STATUS) !== gl.SIGNALED) {
        setTimeout(poll, POLL_MS);
        return;
      }
      gl.deleteSync(sync);
      if (isFirst) return;
      leastMs = Math.min(leastMs, performance.now() - start);
      onTime(leastMs);
    };
    setTimeout(poll, POLL_MS);
  };
}
