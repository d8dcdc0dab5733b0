import type { Metadata } from 'next';
import { RulesPlace } from './RulesPlace';

export const metadata: Metadata = { title: 'What the eye looks for · Gilvo' };

export default function Page() {
  return <RulesPlace />;
}
