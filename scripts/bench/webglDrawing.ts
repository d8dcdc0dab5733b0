/**
 * Draws the labels of a mesh in the browser's own WebGL and reads them back, again and again. Takes the corners as
 * text, the view, width, height, how often, and who hears the times in milliseconds and the last labels.
 */
export const DRAW_LABELS = `
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
