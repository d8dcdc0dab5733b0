/** Two workers: one answers the hand on the controls, the other builds fine surfaces and small pictures meanwhile. */
export type StudioRole = 'live' | 'backstage';
