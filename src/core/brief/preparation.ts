import { standingMinutes } from '../body';
import {
  CONSENT_ABOUT,
  CONSENT_ANSWERS,
  CONSENT_NAMES,
  GARMENTS,
  latestConsents,
  NEED_NAMES,
  NEEDS,
  stillOpen,
  type Sitter,
} from '../people';
import { CROP_WORDS, FORMATS, type Look } from './brief';

/** A heading with its sentences. */
export interface SheetSection {
  title: string;
  lines: string[];
}

/** What a sheet is written from. */
export interface SheetSource {
  sitter: Sitter;
  looks: readonly Look[];
  title: string;
  place: string;
  minutes: number;
  /** Who comes along, in words. */
  comes: string;
}

const sections = (...all: SheetSection[]): SheetSection[] => all.filter((s) => s.lines.length > 0);
const said = (words: string, text: string): string[] =>
  text.trim() === '' ? [] : [`${words}: ${text.trim()}`];

function wornIn(sitter: Sitter, look: Look): string[] {
  return look.wears.flatMap((id) => sitter.wardrobe.filter((w) => w.id === id).map((w) => w.words));
}

/** What the client reads before the day, in plain words. Nothing private to the photographer is in it. */
export function preparationSheet({ sitter, looks, place, minutes, comes }: SheetSource): SheetSection[] {
  const consents = latestConsents(sitter.consents);
  const bring = looks.flatMap((look) => {
    const worn = wornIn(sitter, look);
    return [
      ...(worn.length > 0 ? [`For ${look.name}: ${worn.join(', ')}.`] : []),
      ...said(`For ${look.name}, things to hold or show`, look.props),
    ];
  });
  const rest = standingMinutes(sitter.profile);
  return sections(
    {
      title: 'What will happen',
      lines: [
        `We meet at ${place || 'the place we agree on'} and work for about ${minutes} minutes.`,
        ...(looks.length > 1
          ? [`There are ${looks.length} looks: ${looks.map((l) => l.name).join(', ')}.`]
          : []),
        'We begin with something easy. I say one small thing at a time and show it; you need not know any pose.',
        rest > 0
          ? `We rest at least every ${rest} minutes, and whenever you ask.`
          : 'You stay seated as you like it; we pause whenever you ask.',
        ...(sitter.stopWord ? [`Say “${sitter.stopWord}” at any time, and everybody stops.`] : []),
        ...said('Who comes along', comes),
      ],
    },
    {
      title: 'The days before',
      lines: [
        'Stretch ankles, hips and back a little each day, as far as it is pleasant.',
        'Sleep well, drink water, and eat something before we start.',
        'Try on what you want to wear, sit down in it once, and cut off labels.',
      ],
    },
    {
      title: 'What to bring',
      lines: [
        ...bring,
        'Empty the pockets of what you will wear: telephone, keys and purse show.',
        'Wear your hair as you usually do, and bring what you need to mend it.',
        ...(sitter.wardrobe.some((w) => w.garment === 'glasses')
          ? ['Clean your glasses, and bring a cloth.']
          : []),
      ],
    },
    {
      title: 'What you told me',
      lines: [
        ...said('You wish', sitter.wishes),
        ...said('You do not like', sitter.dislikes),
        ...said('We leave out', sitter.boundaries),
        ...said('Your body', sitter.motionWords),
        ...NEED_NAMES.flatMap((need) =>
          said(
            NEEDS[need].replace(/^./, (c) => c.toUpperCase()),
            sitter.needs[need],
          ),
        ),
      ],
    },
    {
      title: 'What you agreed to',
      lines: CONSENT_NAMES.flatMap((about) => {
        const consent = consents[about];
        if (!consent) return [];
        const words = consent.words ? `, ${consent.words}` : '';
        return [
          `${CONSENT_ABOUT[about].replace(/^./, (c) => c.toUpperCase())}: ${CONSENT_ANSWERS[consent.answer]}${words} (${consent.agreedBy}, ${consent.agreedOn}).`,
        ];
      }).concat(consents.publication ? [] : ['Nothing is published unless you agree to it first.']),
    },
  );
}

/** What the photographer ticks off, from the record and the briefs. */
export function photographerChecklist({ sitter, looks, place, comes }: SheetSource): SheetSection[] {
  const open = stillOpen(sitter);
  return sections(
    { title: 'Still open', lines: open.map((line) => line.replace(/^./, (c) => c.toUpperCase())) },
    ...looks.map((look): SheetSection => ({
      title: `Look: ${look.name}, ${look.minutes} min`,
      lines: [
        ...look.mustHaves.map((m) => `Must have: ${m.words}`),
        ...look.uses.map((u) => `${u.words}: ${FORMATS[u.format].words}, ${CROP_WORDS[u.crop]}`),
        ...wornIn(sitter, look).map((w) => `Worn: ${w}`),
        ...look.wears.flatMap((id) =>
          sitter.wardrobe
            .filter((w) => w.id === id && w.pockets)
            .map((w) => `Pockets of ${w.words} (${GARMENTS[w.garment].words}) are empty`),
        ),
        ...said('Props', look.props),
        ...said('Avoid', look.avoid),
      ],
    })),
    {
      title: 'At the place',
      lines: [
        ...(place ? [place] : []),
        ...said('Comes along', comes),
        'Lights on stands sandbagged, cables taped, way free.',
        'A private corner to change; water; a seat for rests.',
        ...(sitter.profile.wheelchairSeatM
          ? [`Level way for a wheelchair; seat at ${Math.round(sitter.profile.wheelchairSeatM * 100)} cm.`]
          : []),
      ],
    },
    {
      title: `With ${sitter.addressAs}`,
      lines: [
        ...said('Addressed as', [sitter.addressAs, sitter.pronouns].filter(Boolean).join(', ')),
        ...said('Language', sitter.language),
        ...NEED_NAMES.flatMap((need) => said(NEEDS[need], sitter.needs[need])),
        ...said('Stop word', sitter.stopWord),
        ...said('Leave out', sitter.boundaries),
        ...(sitter.betterSide === 'left' || sitter.betterSide === 'right'
          ? [`Better side: ${sitter.betterSide}`]
          : []),
        ...said('Dislikes', sitter.dislikes),
      ],
    },
  );
}
