import { z } from 'zod';

/** Who somebody is in a picture, whoever the person is: `a` to `z`, then `aa`. */
export type Role = string;
export const roleSchema = z.string().regex(/^[a-z]{1,2}$/, 'must be one or two small letters');
