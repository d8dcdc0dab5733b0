import { readdirSync, readFileSync } from 'node:fs';
import type { WebDriver } from 'selenium-webdriver';
import { PARTS } from '@/core/body';
import { resolve } from '@/core/kernel';
import { createRaster, rasterise, seeShot, type Picture } from '@/core/picture';
import { openBrowser } from '../../tests/e2e/browser';
import { line, median, processorMs } from './measure';
import { DRAGS, STAND_IN } from './sitter';

const RUNS = 40;
/** Ticks of the processor's clock that Linux counts by, milliseconds. */
const TICK_MS = 10;

/** Processor time that a browser has taken so far, all of its processes, milliseconds. */
function browserMs(profile: string): number {
  const ofProcess = (id: string): number => {
    try {
      if (!readFileSync(`/proc/${id}/cmdline`, 'utf8').includes(profile)) return 0;
      const stat = readFileSync(`/proc/${id}/stat`, 'utf8');
      const [user, system] = stat
        .slice(stat.lastIndexOf(')') + 2)
        .split(' ')
        .slice(11, 13);
      return (Number(user) + Number(system)) * TICK_MS;
    } catch {
      return 0; // it has ended meanwhile
    }
  };
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .reduce((sum, id) => sum + ofProcess(id), 0);
}

/** The corners of every triangle one after the other, each with the triangle's label: four numbers a corner. */
function cornersOf(): Float32Array {
  const { surface, skinned } = STAND_IN;
  const out = new Float32Array(surface.triangles.length * 4);
  surface.triangles.forEach((v, i) => {
    out.set(skinned.positions.subarray(v * 3, v * 3 + 3), i * 4);
    out[i * 4 + 3] = surface.triangleLabels[Math.floor(i / 3)]!;
  });
  return out;
}

/** Draws the labels of a mesh in the browser's own WebGL and reads them back, again and again. */
const DRAW = `
  const [corners, view, width, height, runs, done] = arguments;
  const bytes = Uint8Array.from(atob(corners), (c) => c.charCodeAt(0));
  const gl = document.createElement('canvas').getContext('webgl2', { antialias: false });
  const shader = (type, source) => {
    const s = gl.createShader(type);
    gl.shaderSource(s, '#version 300 es\\nprecision highp float;' + source);
    gl.compileShader(s);
    return s;
  };
  const program = gl.createProgram();
  gl.attachShader(program, shader(gl.VERTEX_SHADER, \`
    in vec4 corner; flat out float label;
    uniform vec3 eye, right, up, forward; uniform vec2 tanHalf;
    void main() {
      vec3 d = corner.xyz - eye;
      float depth = dot(d, forward);
      label = corner.w;
      gl_Position = vec4(dot(d, right) / tanHalf.x, dot(d, up) / tanHalf.y, (depth * 50.1 - 10.0) / 49.9, depth); // from 0.1 to 50 m
    }\`));
  gl.attachShader(program, shader(gl.FRAGMENT_SHADER, \`
    flat in float label; out vec4 colour;
    void main() { colour = vec4(label / 255.0, 0.0, 0.0, 1.0); }\`));
  gl.linkProgram(program);
  gl.useProgram(program);
  for (const name of ['eye', 'right', 'up', 'forward']) gl.uniform3fv(gl.getUniformLocation(program, name), view[name]);
  gl.uniform2f(gl.getUniformLocation(program, 'tanHalf'), view.tanHalfWidth, view.tanHalfHeight);
  gl.bindBuffer(gl.ARRAY_BUFFER, gl.createBuffer());
  const at = gl.getAttribLocation(program, 'corner');
  gl.enableVertexAttribArray(at);
  gl.vertexAttribPointer(at, 4, gl.FLOAT, false, 0, 0);
  gl.bindFramebuffer(gl.FRAMEBUFFER, gl.createFramebuffer());
  for (const [format, attachment] of [[gl.RGBA8, gl.COLOR_ATTACHMENT0], [gl.DEPTH_COMPONENT24, gl.DEPTH_ATTACHMENT]]) {
    const buffer = gl.createRenderbuffer();
    gl.bindRenderbuffer(gl.RENDERBUFFER, buffer);
    gl.renderbufferStorage(gl.RENDERBUFFER, format, width, height);
    gl.framebufferRenderbuffer(gl.FRAMEBUFFER, attachment, gl.RENDERBUFFER, buffer);
  }
  gl.viewport(0, 0, width, height);
  gl.enable(gl.DEPTH_TEST);
  gl.enable(gl.CULL_FACE);
  const pixels = new Uint8Array(width * height * 4);
  const times = [];
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    gl.bufferData(gl.ARRAY_BUFFER, bytes, gl.DYNAMIC_DRAW);
    gl.clear(gl.COLOR_BUFFER_BIT | gl.DEPTH_BUFFER_BIT);
    gl.drawArrays(gl.TRIANGLES, 0, bytes.length / 16);
    gl.readPixels(0, 0, width, height, gl.RGBA, gl.UNSIGNED_BYTE, pixels);
    times.push(performance.now() - start);
  }
  const labels = Array.from({ length: width * height }, (_, i) => pixels[i * 4]);
  done([times, labels]);`;

/** Share of the figure's pixels that have the same label; the browser's rows are counted from below. */
function alike({ width, height, label }: Picture, theirs: readonly number[]): number {
  let [same, all] = [0, 0];
  label.forEach((own, i) => {
    if (own === 0) return;
    all++;
    if (theirs[(height - 1 - Math.floor(i / width)) * width + (i % width)] === own) same++;
  });
  return same / all;
}

async function drawn(driver: WebDriver, { view, width, height }: Picture): Promise<[number[], number[]]> {
  const corners = Buffer.from(cornersOf().buffer).toString('base64');
  return driver.executeAsyncScript(DRAW, corners, view, width, height, RUNS);
}

/** The own raster, labels and all, against the same mesh drawn by WebGL in software and read back. */
export async function benchWebgl(): Promise<void> {
  const { picture, view } = seeShot(STAND_IN, DRAGS[0]!);
  const { width, height } = picture;
  const { surface, skinned } = STAND_IN;
  const mesh = { positions: skinned.positions, triangles: surface.triangles };
  const raster = createRaster(width, height);
  const [label, depthM] = [new Uint8Array(width * height), new Float32Array(width * height)];
  const own = () => {
    rasterise(raster, view, [mesh]);
    resolve(raster, surface.triangleLabels, PARTS.length, label, depthM);
  };
  own();
  const ownMs = median(Array.from({ length: RUNS }, () => processorMs(own)));
  const browser = await openBrowser();
  try {
    await drawn(browser.driver, picture);
    const before = browserMs(browser.profile);
    const [times, labels] = await drawn(browser.driver, picture);
    const theirMs = (browserMs(browser.profile) - before) / RUNS;
    line(
      `labels ${width}x${height} against WebGL in software`,
      `${ownMs.toFixed(1)} ms against ${theirMs.toFixed(1)} ms of processor time (${median(times).toFixed(1)} ms elapsed): ${(theirMs / ownMs).toFixed(1)} times; ${(100 * alike(picture, labels)).toFixed(1)} % of the figure alike`,
    );
  } finally {
    await browser.quit();
  }
}
