/** Sessions of the demo's people, so that not every test signs in anew. */
export const people = {
  lead: 'var/test-results/lead.json',
  hand: 'var/test-results/hand.json',
};

export const tower = '/cover?kit=pylon-backpack&scope=tower-7';
export const panel = '/cover?kit=panel-bench&scope=station-panel';
