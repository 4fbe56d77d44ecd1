import { createEventHook } from '@vueuse/core';
import { clear, createStore, del, get, set } from 'idb-keyval';
import type { Schemas } from './client';

/*
 * What is kept on this device for work without a network: who is signed in, what there is to pick from, and the cards of the work in
 * hand. Each belongs to one person of one shop; nobody else is given it, and signing out takes all of it away.
 */

interface Kept {
  whose: string;
  /** Milliseconds since 1970, when the server gave it. */
  at: number;
  body: unknown;
}

const SESSION = '/api/v1/session';
/** What is kept as it comes, by its address. */
const AS_IT_COMES = new Set([SESSION, '/api/v1/kits', '/api/v1/scopes']);

let store: ReturnType<typeof createStore> | undefined;
const answers = () => (store ??= createStore('gondrik', 'kept'));

/** A device without room, or a window that keeps nothing, works with a server only. */
async function tried<Result>(what: () => Promise<Result>): Promise<Result | undefined> {
  try {
    return await what();
  } catch {
    return undefined;
  }
}
const read = (key: string) => tried(() => get<Kept>(key, answers()));
const empty = () => tried(() => clear(answers()));

/** Whose page this is; null while that is not known. */
let whose: string | null = null;
/** An answer that was asked for by somebody who has left since is not kept. */
let turn = 0;

const given = createEventHook<string>();
/** Hears of each answer that was kept and is given for want of a server. */
export const whenKeptIsGiven = given.on;

/** From now on it is for this person; what is another's goes away. */
async function keepFor(person: Schemas['Person'] | null): Promise<void> {
  const now = person && `${person.id} of ${person.shopId}`;
  if (now === whose) return;
  if (whose !== null) turn++;
  whose = now;
  if (now === null) return;
  const before = await read(SESSION);
  if (before && before.whose !== now) await empty();
}

async function keep(key: string, body: unknown): Promise<boolean> {
  const mine = whose;
  if (mine === null) return false;
  // Somebody else may have signed in at another window of this device: what comes here now is theirs.
  if (key !== SESSION && (await read(SESSION))?.whose !== mine) return false;
  const one: Kept = { whose: mine, at: Date.now(), body };
  return (await tried(() => set(key, one, answers()).then(() => true))) ?? false;
}

/**
 * Begun before something is asked for, it keeps what comes of it under a key and tells whether it is kept: not where another person
 * has come meanwhile.
 */
export function keeping(): typeof keep {
  const asked = turn;
  return (key, body) => (asked === turn ? keep(key, body) : Promise.resolve(false));
}

/** What was kept of this person under a key, and when. */
export async function kept<Body>(key: string): Promise<{ body: Body; at: number } | undefined> {
  const one = await read(key);
  if (!one || one.whose !== whose) return undefined;
  return { body: one.body as Body, at: one.at };
}

/** The same in place of an answer that no server gives. */
export async function giveKept<Body>(key: string): Promise<{ body: Body; at: number } | undefined> {
  const one = await kept<Body>(key);
  if (one) void given.trigger(key);
  return one;
}

export async function letGo(key: string): Promise<void> {
  await tried(() => del(key, answers()));
}

/** Takes all of it off this device. */
export async function forgetKept(): Promise<void> {
  turn++;
  whose = null;
  await empty();
}

/** Who is signed in as the server says; without a server that person may go on, and nobody else. */
export async function keepSession(session: Schemas['Session']): Promise<void> {
  await keepFor(session.person);
  await (session.person ? keep(SESSION, { person: session.person, demo: [] }) : letGo(SESSION));
}

async function keepAnswer(path: string, response: Response, asked: number): Promise<void> {
  const body: unknown = await response.json();
  if (asked !== turn) return;
  await (path === SESSION ? keepSession(body as Schemas['Session']) : keep(path, body));
}

async function keptAnswer(path: string): Promise<Response | undefined> {
  if (path === SESSION && whose === null) {
    whose = (await read(SESSION))?.whose ?? null;
  }
  const one = await giveKept(path);
  return one && Response.json(one.body);
}

/** Whether nobody is there who could answer. */
const isNobodyThere = (status: number): boolean => [502, 503, 504].includes(status);

/** Asks; where nobody answers, what was kept of it stands for the answer. */
export async function askOrKept(request: Request, ask: () => Promise<Response>): Promise<Response> {
  const path = new URL(request.url, location.href).pathname;
  if (request.method !== 'GET' || !AS_IT_COMES.has(path)) return ask();
  const asked = turn;
  let response: Response | undefined;
  let failure: unknown;
  try {
    response = await ask();
  } catch (error) {
    failure = error;
  }
  if (response?.ok) void keepAnswer(path, response.clone(), asked);
  if (response && !isNobodyThere(response.status)) return response;
  const instead = request.signal.aborted ? undefined : await keptAnswer(path);
  if (instead) return instead;
  if (response) return response;
  throw failure;
}
