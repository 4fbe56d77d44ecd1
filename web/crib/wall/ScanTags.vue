<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core';
import { onUnmounted, ref, useTemplateRef, watch } from 'vue';
import { camera, detector, eachOnce, type Detector } from './scanning';

/** The camera's picture, and what it has read: each code that comes before it is told. */
const props = defineProps<{ /** What became of the code that was read last. */ said: string }>();
const emit = defineEmits<{ read: [code: string]; leave: [] }>();

const video = useTemplateRef<HTMLVideoElement>('video');
const refused = ref('');
let reads: Detector | undefined;
let stream: MediaStream | undefined;
let isGone = false;
const see = eachOnce((code) => emit('read', code));

/** Milliseconds between two looks: as fast as somebody passes one label after the other. */
const LOOK = 150;
let isLooking = false;
async function look(): Promise<void> {
  if (isLooking || !video.value || !reads || video.value.readyState < 2) return;
  isLooking = true;
  try {
    see((await reads.detect(video.value)).map(({ rawValue }) => rawValue));
  } catch {
    // A picture that cannot be read is followed by another.
  } finally {
    isLooking = false;
  }
}
useIntervalFn(() => void look(), LOOK);

function stop(): void {
  for (const track of stream?.getTracks() ?? []) track.stop();
}
watch(
  video,
  async (now) => {
    if (!now) return;
    try {
      reads = detector();
      stream = await camera();
      if (isGone) {
        stop();
        return;
      }
      now.srcObject = stream;
      await now.play();
    } catch {
      refused.value =
        'The camera gives no picture: allow it for this page, or type the tag in the field above the wall.';
    }
  },
  { immediate: true },
);
onUnmounted(() => {
  isGone = true;
  stop();
});
</script>

<template>
  <section class="scan" aria-label="Camera">
    <video v-show="!refused" ref="video" muted playsinline />
    <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
    <p v-else role="status">{{ props.said || 'Hold a label before the camera.' }}</p>
    <v-btn size="small" variant="text" @click="emit('leave')">Put the camera away</v-btn>
  </section>
</template>

<style scoped>
.scan {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  padding: 8px 0;
}

video {
  width: 240px;
  max-width: 100%;
  aspect-ratio: 4 / 3;
  border: 2px solid var(--ink);
  border-radius: 3px;
  background: #000;
  object-fit: cover;
}

p {
  flex: 1 1 200px;
  margin: 0;
  font-size: 16px;
}

.refused {
  color: var(--hole);
}
</style>
