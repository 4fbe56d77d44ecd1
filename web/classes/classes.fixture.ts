import type { Course } from '@/data/classes';

/** Two people at a bench and a press: Ada cuts and then presses, Bo the other way round. */
export const course = (more: Partial<Course> = {}): Course => ({
  length: 60,
  pauses: [],
  slots: [
    { person: 'ada', exercise: 'cut', station: 'bench', from: 0, to: 20 },
    { person: 'bo', exercise: 'lug', station: 'press', from: 0, to: 30 },
    { person: 'ada', exercise: 'lug', station: 'press', from: 30, to: 60 },
    { person: 'bo', exercise: 'cut', station: 'bench', from: 40, to: 60 },
  ],
  people: [
    { id: 'ada', name: 'Ada', end: 60, idle: 10, waits: [{ from: 20, to: 30 }] },
    { id: 'bo', name: 'Bo', end: 60, idle: 10, waits: [{ from: 30, to: 40 }] },
  ],
  stations: [
    { id: 'bench', name: 'Bench', capacity: 2, busy: 40, share: 1 / 3 },
    { id: 'press', name: 'Press', capacity: 1, busy: 60, share: 1 },
    { id: 'vice', name: 'Vice', capacity: 1, busy: 0, share: 0 },
  ],
  exercises: [
    { id: 'cut', name: 'Cut', minutes: 20, stations: ['bench', 'vice'] },
    { id: 'lug', name: 'Lug', minutes: 30, stations: ['press'] },
  ],
  conflicts: [],
  undone: [],
  ...more,
});
