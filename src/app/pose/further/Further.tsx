'use client';

import { useState } from 'react';
import { usePoseStore } from '@/take/poseStore';
import { Goals } from './Goals';
import type { InHand } from './inHand';
import { MendAll } from './MendAll';
import { ProposalDialog } from './ProposalDialog';
import { Variations } from './Variations';

const SHEETS = {
  mendAll: { words: 'Mend all', title: 'Everything mended', Content: MendAll },
  vary: { words: 'Vary', title: 'Near this, and clean', Content: Variations },
  goal: { words: 'Do more', title: 'What would do more', Content: Goals },
} as const;
type Sheet = keyof typeof SHEETS;
const SHEET_IDS = Object.keys(SHEETS) as Sheet[];

/** What goes further than one finding: all mended, clean neighbours, and what does most for a wish. */
export function Further(props: Omit<InHand, 'take'>) {
  const [open, setOpen] = useState<Sheet | null>(null);
  const take: InHand['take'] = (shot) => {
    usePoseStore.getState().setShot(shot);
    setOpen(null);
  };
  const { title, Content } = SHEETS[open ?? 'vary'];
  return (
    <div className="flex flex-wrap gap-1 py-2" role="group" aria-label="Further">
      {SHEET_IDS.map((id) => (
        <button key={id} type="button" className="link-act" onClick={() => setOpen(id)}>
          {SHEETS[id].words}
        </button>
      ))}
      {open && (
        <ProposalDialog title={title} onClose={() => setOpen(null)}>
          <Content inHand={{ ...props, take }} />
        </ProposalDialog>
      )}
    </div>
  );
}
