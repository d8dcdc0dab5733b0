import type { BodyProfile } from '@/core/body';
import { EMPTY_SITTER, type Consent, type Group, type Sitter, type WardrobeItem } from '@/core/people';
import { AVERAGE_PROFILE } from '../records/blank';

// Everybody here is invented.

const NAVY: WardrobeItem['tone'] = [0.03, 0.045, 0.08];
const CLUB_GREEN: WardrobeItem['tone'] = [0.05, 0.16, 0.13];
const WHITE: WardrobeItem['tone'] = [0.72, 0.72, 0.7];
const BLACK: WardrobeItem['tone'] = [0.025, 0.025, 0.028];

type Said = Omit<Partial<Sitter>, 'profile'> &
  Pick<Sitter, 'id' | 'name' | 'addressAs'> & { profile: Partial<BodyProfile> };

function person({ profile, ...said }: Said): Sitter {
  return { ...EMPTY_SITTER, ...said, profile: { ...AVERAGE_PROFILE, ...profile } };
}

function agreed(about: Consent['about'], answer: Consent['answer'], agreedBy: string, words = ''): Consent {
  return { about, answer, words, agreedOn: '2026-10-18', agreedBy };
}

function item(
  id: string,
  garment: WardrobeItem['garment'],
  words: string,
  tone: WardrobeItem['tone'],
): WardrobeItem {
  return {
    id,
    garment,
    words,
    tone,
    pockets: garment.startsWith('jacket') || garment === 'trousers',
    heelM: 0,
  };
}

const tones = (skin: BodyProfile['tones']['skin'], hair: BodyProfile['tones']['hair']) => ({ skin, hair });
const FAIR = tones([0.56, 0.36, 0.26], [0.075, 0.045, 0.028]);
const DARK = tones([0.1, 0.055, 0.035], [0.012, 0.01, 0.01]);
const OLIVE = tones([0.36, 0.22, 0.14], [0.02, 0.015, 0.012]);
const GREY = tones([0.5, 0.32, 0.24], [0.42, 0.41, 0.39]);

export const DEMO_SITTER: Sitter = person({
  id: 'demo-runa',
  name: 'Runa Halvik',
  addressAs: 'Runa',
  pronouns: 'she',
  language: 'English, Norwegian at home',
  email: 'runa@saltmarsh-oars.example',
  phone: '0000 100 01',
  note: 'Sculler, twelve seasons at Saltmarsh Oars. Likes her shoulders, dislikes being told to smile.',
  betterSide: 'left',
  wishes: 'Strong, as on the water. One picture with my father’s oar.',
  dislikes: 'Being told to smile; pictures from above.',
  boundaries: 'No wet cloth, nothing with the scar on the right knee.',
  stopWord: 'easy all',
  consents: [
    agreed('touch', 'no', 'Runa Halvik', 'words are enough'),
    agreed('use', 'yes', 'Runa Halvik', 'yearbook of the club'),
    agreed('publication', 'ask', 'Runa Halvik', 'newspapers only after asking'),
  ],
  wardrobe: [
    item('runa-vest', 'fittedTop', 'club vest', CLUB_GREEN),
    item('runa-shirt', 'shirt', 'white shirt', WHITE),
    item('runa-jacket', 'jacketOpen', 'club jacket', NAVY),
    item('runa-trousers', 'trousers', 'dark trousers', BLACK),
  ],
  tags: ['crew of eight', 'yearbook'],
  profile: {
    statureM: 1.86,
    massKg: 77,
    ageYears: 29,
    build: 'muscular',
    contourShare: 0.55,
    hair: 'tiedBack',
    strength: 'strong',
    tones: FAIR,
    outfit: {
      top: { cut: 'tShirt', tone: [0.1, 0.17, 0.21] },
      bottom: { cut: 'trousers', tone: [0.045, 0.043, 0.05] },
      shoes: { heelM: 0, tone: [0.025, 0.022, 0.02] },
    },
  },
});

export const DEMO_PEOPLE: readonly Sitter[] = [
  DEMO_SITTER,
  person({
    id: 'demo-bram',
    name: 'Bram Oosterwal',
    addressAs: 'Bram',
    pronouns: 'he',
    language: 'English',
    needs: { ...EMPTY_SITTER.needs, hearing: 'speaks best on his right; wears a hearing aid' },
    note: 'Stroke of the boat of 1978, now keeps the boathouse.',
    wishes: 'In the shed, with the hull.',
    dislikes: 'Kneeling, and having to get up again before people.',
    motionWords: 'Left knee was operated twice; sits well, stands well, does not squat.',
    consents: [agreed('touch', 'ask', 'Bram Oosterwal'), agreed('use', 'yes', 'Bram Oosterwal')],
    wardrobe: [
      item('bram-jacket', 'jacketClosed', 'blazer with the badge', NAVY),
      item('bram-shirt', 'shirt', 'striped shirt', WHITE),
      item('bram-glasses', 'glasses', 'reading glasses', BLACK),
    ],
    tags: ['committee', 'yearbook'],
    profile: {
      statureM: 1.83,
      massKg: 108,
      ageYears: 71,
      build: 'middle',
      contourShare: 0.1,
      motionLimits: ['stiffLeftKnee', 'cannotKneel', 'shortStanding'],
      tones: GREY,
    },
  }),
  person({
    id: 'demo-odile',
    name: 'Odile Marchetti',
    addressAs: 'Odile',
    pronouns: 'she',
    note: 'Coach of the juniors.',
    wishes: 'Variety of heights; she has had enough of pictures from above.',
    consents: [
      agreed('touch', 'yes', 'Odile Marchetti', 'collar and sleeves'),
      agreed('use', 'yes', 'Odile Marchetti'),
    ],
    wardrobe: [
      item('odile-dress', 'dress', 'red dress', [0.28, 0.05, 0.06]),
      { ...item('odile-shoes', 'shoes', 'black court shoes', BLACK), heelM: 0.06 },
    ],
    tags: ['coach', 'yearbook'],
    profile: {
      statureM: 1.68,
      massKg: 102,
      ageYears: 44,
      build: 'low',
      contourShare: 0.8,
      hair: 'curls',
      tones: OLIVE,
    },
  }),
  person({
    id: 'demo-tomasz',
    name: 'Tomasz Wirth',
    addressAs: 'Tomasz',
    pronouns: 'he',
    note: 'Junior sculler, shy; warms up when asked about his boat.',
    needs: { ...EMPTY_SITTER.needs, sensory: 'no flash close to the face, please' },
    guardian: { name: 'Helga Wirth', phone: '0000 100 07' },
    consents: [
      agreed('touch', 'no', 'Helga Wirth'),
      agreed('use', 'yes', 'Helga Wirth', 'yearbook, no name'),
    ],
    tags: ['junior', 'yearbook'],
    profile: { statureM: 1.64, massKg: 51, ageYears: 14, contourShare: 0.1, tones: FAIR },
  }),
  person({
    id: 'demo-safiya',
    name: 'Safiya Lund',
    addressAs: 'Safiya',
    pronouns: 'she',
    note: 'Cox of the eight.',
    wishes: 'With the rudder lines, and loud.',
    boundaries: 'Nobody moves or leans on the chair.',
    stopWord: 'hold water',
    consents: [agreed('touch', 'no', 'Safiya Lund'), agreed('use', 'yes', 'Safiya Lund')],
    wardrobe: [item('safiya-scarf', 'headScarf', 'grey-blue scarf', [0.2, 0.26, 0.32])],
    tags: ['crew of eight', 'yearbook'],
    profile: {
      statureM: 1.58,
      massKg: 52,
      ageYears: 33,
      contourShare: 0.6,
      hair: 'long',
      wheelchairSeatM: 0.5,
      motionLimits: ['usesWheelchair'],
      lengthsM: { sittingHeight: 0.83 },
      tones: DARK,
    },
  }),
  person({
    id: 'demo-ines',
    name: 'Ines Calder',
    addressAs: 'Ines',
    pronouns: 'she',
    note: 'Met Joss in the double scull.',
    consents: [agreed('touch', 'ask', 'Ines Calder'), agreed('use', 'yes', 'Ines Calder')],
    tags: ['couple'],
    profile: {
      statureM: 1.7,
      massKg: 74,
      ageYears: 34,
      contourShare: 0.7,
      hair: 'bob',
      pregnancyMonths: 7,
      motionLimits: ['pregnant'],
      tones: OLIVE,
    },
  }),
  person({
    id: 'demo-joss',
    name: 'Joss Calder',
    addressAs: 'Joss',
    pronouns: 'they',
    note: 'Boat builder.',
    consents: [agreed('touch', 'yes', 'Joss Calder'), agreed('use', 'yes', 'Joss Calder')],
    tags: ['couple', 'crew of eight'],
    profile: {
      statureM: 1.79,
      massKg: 82,
      ageYears: 36,
      contourShare: 0.2,
      build: 'high',
      hair: 'none',
      tones: DARK,
    },
  }),
  person({
    id: 'demo-edda',
    name: 'Edda Nyström',
    addressAs: 'Edda',
    pronouns: 'she',
    note: 'Mother of Pim and of the smallest member, six weeks old in December.',
    consents: [agreed('use', 'ask', 'Edda Nyström')],
    tags: ['family'],
    profile: { statureM: 1.66, massKg: 68, ageYears: 35, contourShare: 0.7, hair: 'tiedBack', tones: FAIR },
  }),
  person({
    id: 'demo-pim',
    name: 'Pim Nyström',
    addressAs: 'Pim',
    pronouns: 'he',
    guardian: { name: 'Edda Nyström', phone: '' },
    consents: [
      agreed('touch', 'ask', 'Edda Nyström', 'his mother does it'),
      agreed('use', 'yes', 'Edda Nyström'),
    ],
    tags: ['family'],
    profile: { statureM: 1.17, massKg: 21.5, ageYears: 6, contourShare: 0.2, tones: FAIR },
  }),
  person({
    id: 'demo-lorne',
    name: 'Lorne Achterberg',
    addressAs: 'Lorne',
    pronouns: 'he',
    note: 'Bow seat. Lost his left forearm as a boy; rows with a cuff he built himself.',
    wishes: 'The cuff may be seen; it is good work.',
    consents: [agreed('touch', 'yes', 'Lorne Achterberg'), agreed('use', 'yes', 'Lorne Achterberg')],
    tags: ['crew of eight'],
    profile: {
      statureM: 1.9,
      massKg: 88,
      ageYears: 26,
      build: 'muscular',
      contourShare: 0,
      limbEnds: { leftArm: 0.7 },
      strength: 'strong',
      tones: OLIVE,
    },
  }),
];

export const DEMO_GROUPS: readonly Group[] = [
  {
    id: 'demo-eight',
    name: 'The eight',
    kind: 'crew',
    members: [
      { sitterId: 'demo-runa', role: 'stroke' },
      { sitterId: 'demo-joss', role: 'seven' },
      { sitterId: 'demo-lorne', role: 'bow' },
      { sitterId: 'demo-safiya', role: 'cox' },
    ],
  },
  {
    id: 'demo-calder',
    name: 'Ines and Joss',
    kind: 'couple',
    members: [
      { sitterId: 'demo-ines', role: '' },
      { sitterId: 'demo-joss', role: '' },
    ],
  },
  {
    id: 'demo-nystrom',
    name: 'Nyström',
    kind: 'family',
    members: [
      { sitterId: 'demo-edda', role: 'mother' },
      { sitterId: 'demo-pim', role: 'son' },
    ],
  },
];
