'use client';

import { format } from 'date-fns';
import { CalendarPlus, Printer } from 'lucide-react';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { photographerChecklist, preparationSheet, type SheetSection, type SheetSource } from '@/core/brief';
import { callOrder, callsOf } from '@/core/combinations';
import { setSheet } from '@/core/direct';
import { forClient, type Sitter } from '@/core/people';
import type { Sitting } from '@/core/sitting';
import { writeAppointment } from '@/core/formats';
import { groupSheet, LEAST_GROUP, type GroupSheet } from '@/core/group';
import { nameOfShot, soloShot, type Role, type SoloShot } from '@/core/shot';
import { sitterIn, type WholeSitting } from '@/data';
import { PersonChoice } from '@/ui/fields/PersonChoice';
import { SittingMissing } from '@/ui/place/SittingMissing';
import { download } from '@/ui/place/download';
import { callTime, callWords } from '@/ui/place/callWords';
import { namesOf } from '@/ui/place/namesOf';
import { useSitting } from '@/ui/place/useSitting';
import { useTheme } from '@/ui/place/useTheme';
import { groupLines } from './groupLines';
import { GroupPlaces } from './GroupPlaces';
import { SetPlan } from './SetPlan';
import { ShotList } from './ShotList';

const KINDS = {
  client: { to: 'To the preparation sheet', of: 'your pictures' },
  photographer: { to: 'To the checklist', of: 'checklist' },
  set: { to: 'To the set sheet', of: 'set sheet' },
  shots: { to: 'To the shot list', of: 'shot list' },
} as const;
type Kind = keyof typeof KINDS;
const KIND_IDS = Object.keys(KINDS) as Kind[];
/** Sheets that are of the whole sitting, not of one of its people. */
const OF_ALL: readonly Kind[] = ['set', 'shots'];

const PAPERS = { a4: 'A4', letter: 'letter' } as const;
type Paper = keyof typeof PAPERS;

/** A section of a sheet; that of a set-up has the shot that its plan is drawn of. */
type Section = SheetSection & {
  shot?: SoloShot;
  group?: { sheet: GroupSheet; calledOf(role: Role): string };
};

/** The sections of pictures of groups: who is where, and in which order they are called. */
function groupSections({ takes, ...whole }: WholeSitting): Section[] {
  const groups = takes.filter((t) => t.shot.people.length >= LEAST_GROUP);
  return groups.map((take) => {
    const person = (role: Role) => sitterIn({ ...whole, takes }, take, role);
    const nameOf = (role: Role) => person(role)?.name ?? 'no record';
    const sheet = groupSheet(take.shot, (role) => person(role)?.profile);
    const lines = groupLines(sheet, take.shot, nameOf);
    return {
      title: `Group: ${nameOfShot(take.shot)}`,
      lines,
      group: { sheet, calledOf: (role) => person(role)?.addressAs ?? 'no record' },
    };
  });
}

/** The order in which combinations are called, where the brief lists some. */
function callSections({ sitting, people }: WholeSitting): Section[] {
  const person = (id: string) => people.find((p) => p.id === id);
  const nameOf = (id: string) => person(id)?.addressAs ?? 'no record';
  const calls = callsOf(callOrder(sitting.combinations ?? [], (id) => person(id)?.profile.ageYears));
  if (calls.length === 0) return [];
  const lines = calls.map((call, i) =>
    [
      `${i + 1}. ${call.combination.name}, ${callTime(call)}`,
      ...callWords(call, nameOf).map(({ words, names }) => `${words}: ${names}`),
    ].join(' · '),
  );
  return [{ title: 'Who with whom, in this order', lines }];
}

/** What a sheet for or about somebody is written from. */
function sourceOf({ looks, title, place, minutes, comes }: Sitting, sitter: Sitter): SheetSource {
  return { sitter, looks, title, place, minutes, comes };
}

/** Saves the appointment with its preparation for the client's calendar. */
function saveAppointment({ sitting }: WholeSitting, sitter: Sitter): void {
  const { id, startsAt } = sitting;
  const text = writeAppointment({ ...sourceOf(sitting, forClient(sitter)), id, startsAt }, new Date());
  download('appointment.ics', text, 'text/calendar');
}

/** The sections of a sheet. */
function sectionsOf(kind: Kind, whole: WholeSitting, sitter: Sitter): Section[] {
  const { sitting, takes } = whole;
  if (kind === 'shots') return [];
  if (kind === 'set') {
    const setUps = setSheet(
      takes.map((t) => soloShot(t.shot)),
      sitting.room,
    );
    return [
      ...setUps.map(({ poses, lines, shot }) => ({ title: poses.join(', '), lines, shot })),
      ...groupSections(whole),
      ...callSections(whole),
    ];
  }
  return kind === 'client'
    ? preparationSheet(sourceOf(sitting, forClient(sitter)))
    : photographerChecklist(sourceOf(sitting, sitter));
}

function titleOf(kind: Kind, { sitting }: WholeSitting, sitter: Sitter): string {
  return `${kind === 'client' ? sitter.addressAs : sitting.title}: ${KINDS[kind].of}`;
}

interface SheetHeadProps {
  whole: WholeSitting;
  kind: Kind;
  /** Whose sheet it is. */
  sitter: Sitter;
  paper: Paper;
  onPaper(paper: Paper): void;
}

/** The way back, the other sheets, whose sheet it is, and on which paper it is printed. */
function SheetHead({ whole, kind, sitter, paper, onPaper }: SheetHeadProps) {
  const { sitting, people } = whole;
  const router = useRouter();
  return (
    <header className="rule-b flex flex-wrap items-center gap-3 px-4 py-2 print:hidden">
      <Link className="link-act" href={`/brief?sitting=${sitting.id}`}>
        Back to the brief
      </Link>
      {KIND_IDS.filter((other) => other !== kind).map((other) => (
        <Link key={other} className="link-act" href={`/sheet?sitting=${sitting.id}&for=${other}`}>
          {KINDS[other].to}
        </Link>
      ))}
      {!OF_ALL.includes(kind) && people.length > 1 && (
        <PersonChoice
          label="for"
          people={people}
          personId={sitter.id}
          onChoose={(id) => router.replace(`/sheet?sitting=${sitting.id}&for=${kind}&person=${id}`)}
        />
      )}
      <div className="ml-auto flex items-center gap-3">
        <label className="flex items-center gap-2">
          <span className="quiet">Paper</span>
          <select className="field w-auto" value={paper} onChange={(e) => onPaper(e.target.value as Paper)}>
            {Object.entries(PAPERS).map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
        </label>
        {kind === 'client' && (
          <button
            type="button"
            className="link-act flex items-center gap-1.5"
            onClick={() => saveAppointment(whole, sitter)}
          >
            <CalendarPlus size={15} aria-hidden /> For the calendar
          </button>
        )}
        <button type="button" className="act flex items-center gap-1.5" onClick={() => window.print()}>
          <Printer size={15} aria-hidden /> Print
        </button>
      </div>
    </header>
  );
}

/** The preparation sheet, the photographer's checklist or the assistant's set sheet, as it will be printed. */
export function SheetPlace() {
  const whole = useSitting();
  useTheme('linen');
  const params = useSearchParams();
  const asked = params.get('for');
  const kind = KIND_IDS.find((id) => id === asked) ?? 'client';
  const client = kind === 'client';
  const [paper, setPaper] = useState<Paper>('a4');
  if (whole === undefined) return <SittingMissing />;
  if (whole === null)
    return (
      <p className="p-6" role="status">
        Opening the sitting
      </p>
    );
  const { sitting, people } = whole;
  // what somebody has said is on nobody else's sheet
  const sitter = people.find((p) => p.id === params.get('person')) ?? people[0]!;
  const sections = sectionsOf(kind, whole, sitter);
  const starts = new Date(sitting.startsAt);
  return (
    <>
      <SheetHead whole={whole} kind={kind} sitter={sitter} paper={paper} onPaper={setPaper} />
      <main className={`sheet sheet-${paper}`} data-testid="sheet">
        <div>
          <h1 className="text-2xl">{titleOf(kind, whole, sitter)}</h1>
          <p className="mt-1">
            {format(starts, 'EEEE d MMMM yyyy, HH:mm')}
            {sitting.place && `, ${sitting.place}`}
            {!client && `, ${OF_ALL.includes(kind) ? namesOf(people) : sitter.name}`}
          </p>
        </div>
        {kind === 'shots' && <ShotList whole={whole} />}
        {sections.map((section) => (
          <section key={section.title} className="sheet-section flow-root">
            <h2 className="text-lg">{section.title}</h2>
            {section.group && (
              <GroupPlaces places={section.group.sheet.places} calledOf={section.group.calledOf} />
            )}
            {section.shot && <SetPlan shot={section.shot} room={sitting.room} />}
            <ul className={client ? 'list-disc pl-5' : ''}>
              {section.lines.map((line, i) => (
                <li key={i} className={client ? 'mt-0.5' : 'mt-1 flex gap-2'}>
                  {!client && (
                    <span aria-hidden className="mt-[3px] h-3.5 w-3.5 shrink-0 border border-current" />
                  )}
                  <span>{line}</span>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </main>
    </>
  );
}
