import type { Transaction } from 'dexie';
import { carriedOn } from '@/core/formats';
import { upgradeSitter, upgradeSitting, upgradeTake, type SitterOfSitting } from '@/core/sitting';

type Raw = Record<string, unknown>;

/** Whose sitting it is, by the sittings of the store, in whatever form they stand. */
async function sittersOf(tx: Transaction): Promise<SitterOfSitting> {
  const sittings = await tx.table<Raw, string>('sittings').toArray();
  const byId = new Map(sittings.map((s) => [s.id, (s.personIds as string[] | undefined)?.[0] ?? s.sitterId]));
  return (id) => byId.get(id) as string | undefined;
}

/** Rewrites what an upgrade changes of a table. Returns the records that it changed, as they were and as they are. */
async function rewritten(
  tx: Transaction,
  name: string,
  upgrade: (raw: unknown) => unknown,
): Promise<[Raw, Raw][]> {
  const table = tx.table<Raw, string>(name);
  const changed = (await table.toArray())
    .map((was): [Raw, Raw] => [was, upgrade(was) as Raw])
    .filter(([was, is]) => JSON.stringify(was) !== JSON.stringify(is));
  await table.bulkPut(changed.map(([, is]) => is));
  return changed;
}

/** Brings all records of earlier versions up to date; those that are as they should be stay. */
export async function bringUpToDate(tx: Transaction): Promise<void> {
  const sitterOf = await sittersOf(tx);
  await rewritten(tx, 'sitters', upgradeSitter);
  await carryLineageOn(tx, 'sittings', await rewritten(tx, 'sittings', upgradeSitting));
  await carryLineageOn(tx, 'takes', await rewritten(tx, 'takes', (raw) => upgradeTake(raw, sitterOf)));
}

/** What is known of records from earlier files holds for them as they are now; the first stores knew nothing of it. */
async function carryLineageOn(tx: Transaction, name: string, changed: readonly [Raw, Raw][]): Promise<void> {
  if (!tx.idbtrans.objectStoreNames.contains('lineages')) return;
  const lineages = tx.table<{ key: string; past: string[] }, string>('lineages');
  for (const [was, is] of changed) {
    const known = await lineages.get(`${name}/${String(was.id)}`);
    if (known) await lineages.put({ ...known, past: carriedOn(known.past, was, is) });
  }
}
