'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import type { Sitter } from '@/core/people';

/** Tags, added with Enter or a comma. */
export function TagField() {
  const { setValue, control } = useFormContext<Sitter>();
  const tags = useWatch({ control, name: 'tags' });
  const [error, setError] = useState<string | null>(null);

  function add(field: HTMLInputElement) {
    const tag = field.value.replace(/,/g, ' ').trim();
    if (tag === '') return;
    if (tag.length > 40 || tags.length >= 20) {
      setError(tag.length > 40 ? `Tag of ${tag.length} letters: give 40 at most` : '20 tags are the most');
      return;
    }
    setError(null);
    field.value = '';
    if (!tags.includes(tag)) setValue('tags', [...tags, tag]);
  }

  return (
    <div>
      <p className="font-bold">Tags</p>
      <ul className="mt-1 flex flex-wrap items-center gap-2" aria-label="Tags">
        {tags.map((tag) => (
          <li key={tag} className="flex items-center gap-1 bg-base-200 py-0.5 pr-1 pl-2">
            {tag}
            <button
              type="button"
              aria-label={`Take off ${tag}`}
              className="p-1"
              onClick={() =>
                setValue(
                  'tags',
                  tags.filter((t) => t !== tag),
                )
              }
            >
              <X size={13} aria-hidden />
            </button>
          </li>
        ))}
        <li>
          <input
            className="field"
            aria-label="New tag"
            placeholder="new tag"
            onKeyDown={(e) => {
              if (e.key !== 'Enter' && e.key !== ',') return;
              e.preventDefault();
              add(e.currentTarget);
            }}
            onBlur={(e) => add(e.currentTarget)}
          />
        </li>
      </ul>
      {error && (
        <p role="alert" className="text-error text-xs">
          {error}
        </p>
      )}
    </div>
  );
}
