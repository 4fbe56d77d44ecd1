import { answer, api, ApiProblem } from '@/api/client';
import { forgetEarly } from '@/api/early';

/* Somebody has signed out while no server could be told. */

const LEAVING = 'gondrik.leaving';

export function leaveLater(): void {
  localStorage.setItem(LEAVING, '1');
}

export const isLeaving = (): boolean => localStorage.getItem(LEAVING) !== null;

/** Whoever signs in now is not the one who has left. */
export function forgetLeaving(): void {
  localStorage.removeItem(LEAVING);
}

/** Tells the server what it has missed; false where it still cannot be told, and then nobody is signed in here. */
export async function hasLeft(): Promise<boolean> {
  if (!isLeaving()) return true;
  // What was asked early was asked as the one who has left.
  forgetEarly();
  try {
    await answer(api.DELETE('/session'));
  } catch (error) {
    // A session that has ended by itself has ended.
    if (!(error instanceof ApiProblem && [401, 419].includes(error.problem.status))) return false;
  }
  forgetLeaving();
  return true;
}
