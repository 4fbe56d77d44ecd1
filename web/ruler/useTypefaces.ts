import { ref, type Ref } from 'vue';
import { forgetWidths } from './measure';

const loads = ref(0);
let isHeard = false;

/** Counts up when typefaces have been loaded: what was measured before must be laid out anew. */
export function useTypefaces(): Ref<number> {
  if (!isHeard && 'fonts' in document) {
    isHeard = true;
    const again = () => {
      forgetWidths();
      loads.value++;
    };
    if (document.fonts.status !== 'loaded') void document.fonts.ready.then(again);
    document.fonts.addEventListener('loadingdone', again);
  }
  return loads;
}
