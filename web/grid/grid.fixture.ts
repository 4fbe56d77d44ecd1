export interface Wire {
  id: string;
  name: string;
  area: number | null;
}

/** jsdom lays nothing out: a grid is told how high it is, so that it knows which rows are in sight. */
export function withHeight(pixels: number): void {
  Object.defineProperty(HTMLElement.prototype, 'offsetHeight', { configurable: true, get: () => pixels });
  Object.defineProperty(HTMLElement.prototype, 'clientHeight', { configurable: true, get: () => pixels });
}
