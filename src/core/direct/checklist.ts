/** What the photographer scans once the pose stands, in the order of the work: body, head, hair and cloth, light, edge. */
export const CHECKS = [
  { id: 'body', words: 'body' },
  { id: 'head', words: 'head' },
  { id: 'cloth', words: 'hair, cloth' },
  { id: 'light', words: 'light' },
  { id: 'edge', words: 'edge' },
] as const;
export type CheckId = (typeof CHECKS)[number]['id'];
