import { mount, RouterLinkStub } from '@vue/test-utils';
import { expect, it } from 'vitest';
import PartsNav from './PartsNav.vue';

it('has each part by its own address, and says where one is', () => {
  const nav = mount(PartsNav, {
    props: {
      label: 'Bench',
      parts: [
        { title: 'Set-up card', to: { name: 'bench' }, isHere: true },
        { title: 'Reckon', to: { name: 'reckon' }, isHere: false, note: 0 },
      ],
    },
    global: { stubs: { RouterLink: RouterLinkStub } },
  });
  expect(nav.get('nav').attributes('aria-label')).toBe('Bench');
  const links = nav.findAllComponents(RouterLinkStub);
  expect(links.map((link) => [link.text(), link.props('to'), link.attributes('aria-current')])).toEqual([
    ['Set-up card', { name: 'bench' }, 'page'],
    ['Reckon 0', { name: 'reckon' }, undefined],
  ]);
});
