import { computed, ref } from 'vue';
import type { Schemas } from './client';

/** Milliseconds after which nobody is kept waiting any longer: the refusal is told as any other. */
const PATIENCE = 120_000;

const waiting = ref(0);

/** Whether a question of this page waits for its turn. */
export const isWaitingForTurn = computed(() => waiting.value > 0);

async function waits(response: Response): Promise<boolean> {
  if (response.status !== 503) return false;
  const problem = (await response
    .clone()
    .json()
    .catch(() => undefined)) as Schemas['Problem'] | undefined;
  return problem?.type === 'urn:gondrik:problem:waits';
}

function pause(seconds: number, signal: AbortSignal): Promise<void> {
  return new Promise((resolve, reject) => {
    const leave = () => {
      clearTimeout(isOver);
      reject(signal.reason as Error);
    };
    const isOver = setTimeout(() => {
      signal.removeEventListener('abort', leave);
      resolve();
    }, seconds * 1000);
    signal.addEventListener('abort', leave);
  });
}

/** Sends a request, and again for as long as the server says that it is not its turn: nothing was done with it till then. */
export async function fetchInTurn(request: Request): Promise<Response> {
  const until = Date.now() + PATIENCE;
  let response = await fetch(request.clone());
  if (!(await waits(response))) return response;
  waiting.value++;
  try {
    while (Date.now() < until && (await waits(response))) {
      await pause(Number(response.headers.get('Retry-After') ?? 1), request.signal);
      response = await fetch(request.clone());
    }
    return response;
  } finally {
    waiting.value--;
  }
}
