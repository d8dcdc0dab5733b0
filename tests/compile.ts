import { buildKernel } from '../scripts/kernel.mjs';

/** Whatever is tested, the compiled loops are those of their sources. */
export default buildKernel;
