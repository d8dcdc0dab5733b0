import {
  bodyFrom,
  surfaceOf,
  type Body,
  type BodyProfile,
  type BodySurface,
  type Detail,
  type Found,
} from '@/core/body';
import { createStandIn, type StandIn } from '@/core/picture';
import type { Role, SoloShot } from '@/core/shot';
import { Newest } from '@/core/units';
import { database, keepSurface, keptSurface } from '@/data';
import { alone } from '../alone';

interface Loaded {
  body: Body;
  standIn: StandIn;
  /** The same on the fine surface, for pictures that are looked at closely. */
  fine?: Promise<StandIn>;
}

/** A surface, and what was found of the body that it is the surface of. */
interface Built {
  surface: BodySurface;
  found: Found;
}

/**
 * A surface from the store, or built and kept there: by one worker, while another that wants it waits. A store that
 * cannot be used only costs time.
 */
export async function surfaceFor(
  profile: BodyProfile,
  detail: Detail,
  onPiece?: (done: number, of: number) => void,
): Promise<Built> {
  const kept = () => keptSurface(database, profile, detail).catch(() => undefined);
  return (
    (await kept()) ??
    alone(`surface ${detail} ${JSON.stringify(profile)}`, async () => {
      const meanwhile = await kept();
      if (meanwhile) return meanwhile;
      const body = bodyFrom(profile);
      const surface = surfaceOf(body, detail, onPiece);
      await keepSurface(database, body, detail, surface).catch(() => undefined);
      return { surface, found: body };
    })
  );
}

/** Bodies that were asked for last, so that the stand-in of each is built once. */
const bodies = new Newest<Loaded>();
/** So many are kept where no picture shows more people. */
const MOST_BODIES = 4;

/** @param twin which one it is among people of a picture who are built alike: each stands in for one alone. */
function loadedFor(profile: BodyProfile, twin = 0, most = MOST_BODIES): Promise<Loaded> {
  return bodies.get(JSON.stringify([profile, twin]), most, () => load(profile));
}

async function load(profile: BodyProfile): Promise<Loaded> {
  const { surface, found } = await surfaceFor(profile, 'measured');
  const body = bodyFrom(profile, found);
  return { body, standIn: createStandIn(body, surface) };
}

/** The surface that is measured; the stand-in that it belongs to is kept ready. */
export async function measuredSurface(profile: BodyProfile): Promise<BodySurface> {
  return (await loadedFor(profile)).standIn.surface;
}

/** Who stands in for the others of a picture, by their roles. */
async function companyFor(profile: BodyProfile, { among }: SoloShot): Promise<Map<Role, StandIn>> {
  const others = among?.others ?? [];
  const seen = [JSON.stringify(profile)];
  const company = new Map<Role, StandIn>();
  for (const { role, profile: theirs } of others) {
    const key = JSON.stringify(theirs);
    const twin = seen.filter((k) => k === key).length;
    seen.push(key);
    company.set(role, (await loadedFor(theirs, twin, mostFor(others.length))).standIn);
  }
  return company;
}

/** Nobody of a picture is given up for another of it. */
function mostFor(others: number): number {
  return Math.max(MOST_BODIES, others + 1);
}

/**
 * Does something with whoever stands in for the sitter of a shot, the others there as well: at one go, since the next
 * that asks for the same sitter can have other company.
 */
export async function onSet<T>(
  profile: BodyProfile,
  shot: SoloShot,
  act: (standIn: StandIn) => T,
): Promise<T> {
  const company = await companyFor(profile, shot);
  const { standIn } = await loadedFor(profile, 0, mostFor(company.size));
  standIn.company = company;
  return act(standIn);
}

/** The same on the fine surface of the sitter, which may have to be built first. */
export async function onFineSet<T>(
  profile: BodyProfile,
  shot: SoloShot,
  act: (standIn: StandIn) => T,
): Promise<T> {
  const company = await companyFor(profile, shot);
  const loaded = await loadedFor(profile, 0, mostFor(company.size));
  const { body, standIn } = loaded;
  loaded.fine ??= surfaceFor(profile, 'drawn').then(({ surface }) => createStandIn(body, surface, standIn));
  const fine = await loaded.fine;
  fine.company = company;
  return act(fine);
}
