/**
 * `npm run bench`: speed of the recompute in Node (processor time) and in the browser's worker (elapsed time), and of
 * the fast paths against plain references, measured side by side in one run.
 */
import { benchCore } from './bench/core';
import { benchLoad } from './bench/load';
import { benchPage } from './bench/page';
import { benchPeopleFile } from './bench/peopleFile';
import { benchSeveral } from './bench/several';
import { benchWebgl } from './bench/webgl';

benchCore();
benchPeopleFile();
benchSeveral();
await benchWebgl();
await benchPage();
await benchLoad();
