import { createPinia } from 'pinia';
import { mount } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import LivePull from './LivePull.vue';

class Source extends EventTarget {
  static readonly CLOSED = 2;
  static made: Source[] = [];
  readyState = 1;
  constructor() {
    super();
    Source.made.push(this);
  }
  close(): void {
    this.readyState = 2;
  }
}

beforeEach(() => {
  Source.made = [];
  vi.stubGlobal('EventSource', Source);
  Element.prototype.scrollIntoView = () => {};
});

function shown() {
  const view = mount(LivePull, {
    attachTo: document.body,
    props: { gauge: 'bench', number: 1, of: 5, required: 89 },
    global: { plugins: [createPinia()] },
  });
  const tell = async (kind: string, data: object = {}) => {
    Source.made.at(-1)?.dispatchEvent(new MessageEvent(kind, { data: JSON.stringify({ kind, ...data }) }));
    await nextTick();
    await nextTick();
  };
  const press = (name: string) =>
    view
      .findAll('button')
      .find((button) => button.text().includes(name))!
      .trigger('click');
  return { view, tell, press };
}

it('goes from the gauge to the key for how it gave way', async () => {
  const { view, tell } = shown();
  const says = () => view.find('[role=status]').text();
  await nextTick();
  expect(says()).toBe('Waiting for the gauge …');
  await tell('ready');
  expect(says()).toBe('Put the next crimp in, and pull.');
  await tell('reading', { at: 0.5, force: 40 });
  expect([says(), view.find('.force').text()]).toEqual(['Pulling …', '40.0 N']);
  // Nothing gave way yet: a key says nothing of it.
  await view.trigger('keydown', { key: '2' });
  await tell('peak', { at: 1, force: 158.24, text: '158.2 N', lost: 3 });
  expect(says()).toBe('How did it give way?');
  expect(view.text()).toContain('3 readings were lost on the line');
  expect(document.activeElement?.textContent).toContain('conductor broke');
  await view.find('.modes').trigger('keydown', { key: '9' });
  await view.find('.modes').trigger('keydown', { key: '2' });
  expect(view.emitted('pulled')).toEqual([['158.2 N', 'pulled-out']]);
  await view.setProps({ number: 2 });
  expect(Source.made).toHaveLength(2);
  expect(says()).toBe('Waiting for the gauge …');
});

it('says at once what is under what it must hold', async () => {
  const { view, tell } = shown();
  await tell('reading', { at: 0.5, force: 80 });
  expect(view.find('.force').classes()).not.toContain('bad');
  await tell('peak', { at: 1, force: 80, text: '80.0 N', lost: 0 });
  expect(view.find('.head').text()).toContain('under 89.0 N');
  await view.setProps({ required: null });
  expect(view.find('.head').text()).not.toContain('under');
});

it('tells why a pull was not taken, and offers what it held at least, or another', async () => {
  const { view, tell, press } = shown();
  await tell('reading', { at: 0.5, force: 71.3 });
  await tell('fault', { says: 'the gauge fell silent', said: null, force: 71.3, text: '71.3 N' });
  expect(view.find('[role=status]').text()).toBe('Not taken: the gauge fell silent.');
  await press('It held 71.3 N at least');
  // How it gave way nobody saw.
  expect(view.emitted('pulled')).toEqual([['71.3 N', '']]);
  await press('Pull another');
  expect(Source.made).toHaveLength(2);
  await tell('fault', { says: 'somebody else pulls with this gauge', said: null, force: null, text: null });
  expect(view.text()).not.toContain('at least');
  await press('Go on by hand');
  expect(view.emitted('stop')).toHaveLength(1);
});
