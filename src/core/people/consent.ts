import { z } from 'zod';

/** What a sitter is asked before pictures are made or used. */
export const CONSENT_ABOUT = {
  touch: 'being touched to adjust a pose',
  pictures: 'the kind of pictures',
  use: 'use by the client',
  publication: 'publication',
  portfolio: 'showing in the photographer’s own work',
} as const;
export type ConsentAbout = keyof typeof CONSENT_ABOUT;
export const CONSENT_NAMES = Object.keys(CONSENT_ABOUT) as ConsentAbout[];

export const CONSENT_ANSWERS = { yes: 'agreed', ask: 'ask each time', no: 'no' } as const;
export type ConsentAnswer = keyof typeof CONSENT_ANSWERS;

/** One answer, with who gave it and when. */
export const consentSchema = z.strictObject({
  about: z.enum(CONSENT_NAMES),
  answer: z.enum(Object.keys(CONSENT_ANSWERS) as [ConsentAnswer, ...ConsentAnswer[]]),
  /** In the sitter's own words: what, where, how long. */
  words: z.string().max(400),
  agreedOn: z.iso.date(),
  agreedBy: z.string().min(1).max(120),
});
export type Consent = z.infer<typeof consentSchema>;

/** The last answer to each question; undefined where none was given. */
export function latestConsents(consents: readonly Consent[]): Partial<Record<ConsentAbout, Consent>> {
  const latest: Partial<Record<ConsentAbout, Consent>> = {};
  for (const consent of consents) {
    const before = latest[consent.about];
    if (!before || consent.agreedOn >= before.agreedOn) latest[consent.about] = consent;
  }
  return latest;
}

/** Whether somebody has agreed to be touched; who was not asked has not. */
export function agreesToTouch({ consents }: { consents: readonly Consent[] }): boolean {
  return latestConsents(consents).touch?.answer === 'yes';
}
