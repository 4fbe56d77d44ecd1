import { createEventHook } from '@vueuse/core';

/** A write of this page led the shop from one version to another. */
export interface OwnChange {
  from: number;
  to: number;
}

const hook = createEventHook<OwnChange>();

/** Heard with every write that this page has made. */
export const onOwnChange = hook.on;

/** Tells what an answer says of it; an answer to a question says nothing. */
export function tellOwnChange({ headers }: Response): void {
  const [, from, to] = /^(\d+)-(\d+)$/.exec(headers.get('Gondrik-Version') ?? '') ?? [];
  if (from !== undefined && to !== undefined) void hook.trigger({ from: Number(from), to: Number(to) });
}
