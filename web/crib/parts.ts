import type { ThingList } from '@/data/things';

/** A part of the crib: a list, the things one by one, or what is due to them. */
export type CribPart = ThingList | 'kits' | 'wall' | 'due';
