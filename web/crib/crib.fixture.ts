import { execFileSync } from 'node:child_process';
import type { Schemas } from '@/api/client';

/** What the core says, asked once: the tests of the page draw by its sizes and edit its tools. */
const told = JSON.parse(
  execFileSync('php', ['core/tests/Support/told.php'], { encoding: 'utf8', maxBuffer: 64 * 1024 * 1024 }),
) as { ticks: Schemas['Tick'][]; tools: Schemas['Tool'][] };

/** Every size of the trade, of both families. */
export const ticks = told.ticks;

/** The tools of generated workbooks and of the built-in catalogue. */
export const tools = told.tools;
