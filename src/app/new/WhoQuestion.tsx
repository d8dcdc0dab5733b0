'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import { plainText, type Sitter } from '@/core/people';
import { addPerson, database } from '@/data';
import { doNow } from '@/keeping';
import { NewPersonFields } from './NewPersonFields';

/** So many people are offered for what is typed. */
const MOST_OFFERED = 5;

interface WhoQuestionProps {
  people: readonly Sitter[];
  chosen: readonly Sitter[];
  onChoose(ids: string[]): void;
}

/** Who is chosen, each with a way out again. */
function Chosen({ chosen, onChoose }: Pick<WhoQuestionProps, 'chosen' | 'onChoose'>) {
  return (
    <ul className="mb-2 flex flex-wrap gap-2" aria-label="Chosen">
      {chosen.map(({ id, name }) => (
        <li key={id} className="flex items-center gap-1 border border-base-300 pl-3">
          {name}
          <button
            type="button"
            className="grid size-10 place-items-center"
            aria-label={`${name} does not come`}
            onClick={() => onChoose(chosen.filter((p) => p.id !== id).map((p) => p.id))}
          >
            <X size={15} aria-hidden />
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Who comes: found among the people by typing, or added with three measures; nobody yet is an average sitter. */
export function WhoQuestion({ people, chosen, onChoose }: WhoQuestionProps) {
  const [text, setText] = useState('');
  const name = text.trim();
  const free = people.filter((p) => !chosen.includes(p));
  const named = (p: Sitter) => !p.binnedAt && plainText(p.name).includes(plainText(name));
  const offered = name === '' ? [] : free.filter(named).slice(0, MOST_OFFERED);
  const isKnown = people.some((p) => p.name.toLowerCase() === name.toLowerCase());
  function choose(id: string) {
    setText('');
    onChoose([...chosen.map((p) => p.id), id]);
  }
  return (
    <>
      {chosen.length > 0 && <Chosen chosen={chosen} onChoose={onChoose} />}
      <input
        className="field w-full"
        type="search"
        aria-label={chosen.length === 0 ? 'Name of the sitter' : 'Name of one more'}
        placeholder={chosen.length === 0 ? 'Type a name; or leave it, and say it later' : 'one more'}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      {offered.length > 0 && (
        <ul className="mt-1" aria-label="People of that name">
          {offered.map((p) => (
            <li key={p.id}>
              <button
                type="button"
                className="link-act min-h-10 w-full text-left"
                onClick={() => choose(p.id)}
              >
                {p.name}
              </button>
            </li>
          ))}
        </ul>
      )}
      {name !== '' && !isKnown && (
        <NewPersonFields
          name={name}
          onAdd={(measures) =>
            doNow('newPerson', () => addPerson(database, name, measures), { done: ({ id }) => choose(id) })
          }
        />
      )}
    </>
  );
}
