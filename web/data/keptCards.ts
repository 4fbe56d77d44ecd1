import { computed, ref, watch, type Ref } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import { giveKept, keeping, kept, letGo } from '@/api/kept';
import type { Units } from '@/settings/units';

/* The cards of the work in hand, kept on this device for when no server can be reached. */

/** So many cards of a scope are kept, asked for in as many steps as the server gives at once. */
const MOST = 1000;
/** Pairs of a kit and a scope that are kept; the ones that were in hand last stay. */
const PAIRS = 6;
/** Milliseconds for which what was kept of a pair is not asked for again. */
const PAUSE = 60_000;
const LIST = 'cards';

export interface CardsOf {
  kit: string;
  scope: string;
}

const keyOf = ({ kit, scope }: CardsOf, { length, force }: Units) =>
  `${LIST} ${new URLSearchParams({ kit, scope, length, force })}`;

/** A card as it was kept: with its line, or the first of the scope. */
export async function keptCard(of: CardsOf & { line?: string }, units: Units) {
  const pages = await giveKept<Schemas['CardPage'][]>(keyOf(of, units));
  const page = pages?.body.find(({ card, at }) => (of.line === undefined ? at === 1 : card.line === of.line));
  return pages && page ? { ...page, keptAt: pages.at } : undefined;
}

async function pagesOf(of: CardsOf, units: Units): Promise<Schemas['CardPage'][]> {
  const pages: Schemas['CardPage'][] = [];
  for (let whole = 1; pages.length < Math.min(whole, MOST);) {
    const query = { kit: of.kit, scope: of.scope, ...units, at: pages.length + 1 };
    const next = await answer(api.GET('/cards', { params: { query } }));
    whole = next.of;
    // What is taken out of the scope meanwhile ends it.
    if (next.cards.length === 0) break;
    pages.push(...next.cards);
  }
  return pages;
}

/** Tells whether they are kept: a window that keeps nothing works with a server only. */
async function keepPages(
  keep: ReturnType<typeof keeping>,
  key: string,
  pages: Schemas['CardPage'][],
): Promise<boolean> {
  const before = (await kept<string[]>(LIST))?.body ?? [];
  const now = [key, ...before.filter((other) => other !== key)];
  const isKept = (await keep(key, pages)) && (await keep(LIST, now.slice(0, PAIRS)));
  await Promise.all(now.slice(PAIRS).map(letGo));
  return isKept;
}

/**
 * Keeps all cards of a pair whenever one of them has come from the server; tells how many there are on the device and since when.
 *
 * @param cameAt when the server gave the last card, in milliseconds; 0 where it did not
 */
export function useKeptCards(of: Ref<CardsOf | null>, units: Ref<Units>, cameAt: Ref<number>) {
  const lastOf = ref<Record<string, { cards: number; of: number; at: number }>>({});
  const key = computed(() => (of.value ? keyOf(of.value, units.value) : null));

  watch([key, cameAt], async ([now, came]) => {
    const pair = of.value;
    if (now === null || !pair || came === 0) return;
    const last = lastOf.value[now];
    if (last && Date.now() - last.at < PAUSE) return;
    lastOf.value = { ...lastOf.value, [now]: { cards: last?.cards ?? 0, of: last?.of ?? 0, at: Date.now() } };
    const keep = keeping();
    // Where it cannot be kept, the card in sight is there all the same.
    const pages = await pagesOf(pair, units.value).catch(() => undefined);
    if (!pages || !(await keepPages(keep, now, pages))) return;
    lastOf.value = {
      ...lastOf.value,
      [now]: { cards: pages.length, of: pages[0]?.of ?? 0, at: Date.now() },
    };
  });

  return computed(() => (key.value === null ? undefined : lastOf.value[key.value]));
}
