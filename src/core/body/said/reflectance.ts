import { z } from 'zod';

const channel = z.number().min(0).max(1);

/** Diffuse reflectance of red, green and blue, linear, 0 to 1. */
export const reflectance = z.tuple([channel, channel, channel]);
