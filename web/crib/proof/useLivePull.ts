import { onScopeDispose, ref } from 'vue';
import { pullAddress, type GaugeEvent } from '@/data/gauges';
import { armed, cutOff, heard, isOver, type LivePull } from './pullSeen';

const KINDS = ['ready', 'reading', 'peak', 'fault'] as const;

/** So often in a row the connection may break within one pull; the gauge's reader keeps what came meanwhile. */
const BREAKS = 3;

/** Who this is to the gauge, however often the page is loaded anew. */
function by(): string {
  const key = 'gondrik.gauge';
  const name = sessionStorage.getItem(key) ?? newName();
  sessionStorage.setItem(key, name);
  return name;
}

/** No two pulls have the same; where the page is not secure, too, there are numbers of chance. */
const newName = (): string =>
  [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

/** One pull after the other on a gauge, told as it goes. Null while none is asked for. */
export function useLivePull() {
  const pull = ref<LivePull | null>(null);
  let source: EventSource | null = null;

  function stop(): void {
    source?.close();
    source = null;
    pull.value = null;
  }
  function arm(gauge: string): void {
    stop();
    pull.value = armed();
    const own = new EventSource(pullAddress(gauge, newName(), by()));
    let breaks = 0;
    source = own;
    for (const kind of KINDS) {
      own.addEventListener(kind, ({ data }: MessageEvent<string>) => {
        if (own !== source || !pull.value) return;
        breaks = 0;
        pull.value = heard(pull.value, JSON.parse(data) as GaugeEvent);
        if (isOver(pull.value)) own.close();
      });
    }
    own.addEventListener('error', () => {
      breaks++;
      if (own !== source || !pull.value || isOver(pull.value)) return;
      if (own.readyState !== EventSource.CLOSED && breaks <= BREAKS) return;
      own.close();
      pull.value = cutOff(pull.value);
    });
  }
  onScopeDispose(stop);
  return { pull, arm, stop };
}
