import { mount } from '@vue/test-utils';
import { nextTick } from 'vue';
import { START_LOCATION, type RouteLocationNormalized } from 'vue-router';
import { expect, it } from 'vitest';
import { goneTo, hasGoneAbout } from './goingAbout';
import PlaceFrame from './PlaceFrame.vue';

const at = (name: string) => ({ name }) as unknown as RouteLocationNormalized;
const place = (props: object = {}, slot = '<p>What it shows</p>') =>
  mount(PlaceFrame, {
    props: { title: 'Crib', look: 'fill', ...props } as never,
    slots: { default: slot },
    global: { stubs: { VBtn: { template: '<button type="button"><slot /></button>' } } },
    attachTo: document.querySelector('main') ?? document.body.appendChild(document.createElement('main')),
  });

it('has a name for the ear where none stands on the page, and one in the tab', async () => {
  const frame = place({ tab: 'hex-lug' });
  expect(frame.get('h1').text()).toBe('Crib');
  expect(frame.get('.named').classes()).toContain('visually-hidden');
  await nextTick();
  expect(document.title).toBe('hex-lug – Crib – Gondrik');
  await frame.setProps({ tab: '' } as never);
  expect(document.title).toBe('Crib – Gondrik');
  expect(place({ isShown: true }).get('.named').classes()).not.toContain('visually-hidden');
});

it('says what went wrong instead of what it shows, and is asked again', async () => {
  const frame = place({ error: new Error('Nobody answers') });
  expect(frame.find('p:not(.muted)').exists()).toBe(false);
  await frame.get('button').trigger('click');
  expect(frame.emitted('retry')).toHaveLength(1);
  expect(place().text()).toContain('What it shows');
});

it('leaves the focus where the browser has it at first, and takes it when somebody comes from another place', () => {
  hasGoneAbout.value = false;
  goneTo(at('crib'), START_LOCATION);
  goneTo(at('crib'), at('crib'));
  expect(hasGoneAbout.value).toBe(false);
  const first = place();
  expect(document.activeElement).toBe(document.body);
  first.unmount();
  goneTo(at('crib'), at('cover'));
  const next = place();
  expect(document.activeElement).toBe(next.get('h1').element);
  next.unmount();
  const field = document.createElement('input');
  document.querySelector('main')?.append(field);
  field.focus();
  place();
  expect(document.activeElement).toBe(field);
});
