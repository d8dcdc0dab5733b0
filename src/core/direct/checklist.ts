/** What the photographer scans once the pose stands, in the order of the work: body, head, hair and cloth, light, edge. */
export const CHECKS = [
  { id: 'body', words: 'body', look: 'from the feet up: weight, line, light through the arms' },
  { id: 'head', words: 'head', look: 'chin and neck, eyes where they should be' },
  { id: 'cloth', words: 'hair, cloth', look: 'creases, straps, labels' },
  { id: 'light', words: 'light', look: 'the shadow of the nose, a light in both eyes' },
  { id: 'edge', words: 'edge', look: 'no joint is cut, the near eye is sharp' },
] as const;
export type CheckId = (typeof CHECKS)[number]['id'];
