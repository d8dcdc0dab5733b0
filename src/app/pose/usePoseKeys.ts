'use client';

import { useEffect } from 'react';
import { STATIONS } from '@/core/pose';
import { poseHistory, usePoseStore } from '@/take/poseStore';

/** Takes the pose of the next of the picture's people into the hand. */
function chooseNext() {
  const { take, role, setRole } = usePoseStore.getState();
  const roles = (take?.shot.people ?? []).map((p) => p.role);
  const next = roles[(roles.indexOf(role) + 1) % roles.length];
  if (next && next !== role) setRole(next);
}

/** Keys of the place: 1 to 9 open the stations, c and l camera and light, p the next person, with Ctrl Z undo and redo. */
export function usePoseKeys() {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      const typing = target.tagName === 'INPUT' && (target as HTMLInputElement).type !== 'range';
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z' && !typing) {
        e.preventDefault();
        if (e.shiftKey) poseHistory().redo();
        else poseHistory().undo();
        return;
      }
      if (typing || target.tagName === 'SELECT' || e.ctrlKey || e.metaKey || e.altKey) return;
      const { setPanel } = usePoseStore.getState();
      const station = STATIONS[Number(e.key) - 1];
      if (station) setPanel(station);
      else if (e.key === 'c') setPanel('camera');
      else if (e.key === 'l') setPanel('light');
      else if (e.key === 'p') chooseNext();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);
}
