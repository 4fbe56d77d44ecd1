import { ref, type Ref } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { fetchInTurn } from '@/api/turns';
import { refusal } from '@/shared/refusal';
import { save } from '@/shared/saved';

/** As the server calls it, else as the address ends. */
const nameOf = (response: Response, href: string): string =>
  /filename="([^"]+)"/.exec(response.headers.get('Content-Disposition') ?? '')?.[1] ??
  new URL(href, location.href).pathname.split('/').at(-1) ??
  'file';

/** A file that may take long to make: it waits for its turn and says so, and what is refused is told and never saved in its place. */
export function useFile(): {
  isMade: Ref<boolean>;
  refused: Ref<string>;
  /** Asks the server for it and saves it; while one is under way no other is asked. */
  take: (href: string) => Promise<void>;
  /** The same of what is made here. */
  make: (of: () => Promise<void>) => Promise<void>;
} {
  const isMade = ref(false);
  const refused = ref('');

  async function make(of: () => Promise<void>): Promise<void> {
    if (isMade.value) return;
    isMade.value = true;
    refused.value = '';
    try {
      await of();
    } catch (error) {
      refused.value = refusal(problemOf(error));
    } finally {
      isMade.value = false;
    }
  }

  const take = (href: string) =>
    make(async () => {
      const response = await fetchInTurn(
        new Request(new URL(href, location.href), {
          credentials: 'same-origin',
          // What is refused comes as a problem, and not as a page.
          headers: { Accept: 'application/json, */*;q=0.5' },
        }),
      );
      if (response.ok) save(nameOf(response, href), await response.blob());
      else refused.value = refusal((await response.json()) as Schemas['Problem']);
    });

  return { isMade, refused, take, make };
}
