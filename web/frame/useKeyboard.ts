import { onKeyStroke } from '@vueuse/core';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { places } from './places';

function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return !!target?.closest('input, textarea, select, [contenteditable=true], [role=dialog]');
}

/** The keys that work on every page: g and a letter goes to a place, / searches, ? lists them all. */
export function useKeyboard() {
  const router = useRouter();
  const isHelpOpen = ref(false);
  let goPressed = 0;

  onKeyStroke((event) => {
    if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
    const place = places.find((one) => one.key === event.key);
    if (place && event.timeStamp - goPressed < 1500) {
      goPressed = 0;
      event.preventDefault();
      void router.push({ name: place.name });
      return;
    }
    goPressed = event.key === 'g' ? event.timeStamp : 0;
    if (event.key === '?') isHelpOpen.value = true;
    if (event.key === '/') {
      const search = document.querySelector<HTMLInputElement>('[data-search] input');
      if (search) {
        event.preventDefault();
        search.focus();
      }
    }
  });

  return { isHelpOpen };
}
