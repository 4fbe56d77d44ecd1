import { useMediaQuery } from '@vueuse/core';

/** What a finger meets, in pixels, as the token of base.css says; the eye and a mouse do with less. */
export const FINGER = 44;

/** Whether this device is worked by finger. */
export const useFinger = () => useMediaQuery('(pointer: coarse)');
