/** Two workers: one answers the hand on the controls, the other builds fine surfaces and small pictures meanwhile. */
export type StudioRole = 'live' | 'backstage';

/** A worker's own name: its role, and what tells it from the one before it. */
export function workerName(role: StudioRole, id: string): string {
  return `${role} ${id}`;
}
