/** Keeps the page on the device, for work without a network, once it has nothing better to do. */
export function keepPage(): void {
  // A window that may keep nothing, or an address without a secure way, works with a server only.
  const register = () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  if ('requestIdleCallback' in window) requestIdleCallback(register, { timeout: 10_000 });
  else setTimeout(register, 5_000);
}
