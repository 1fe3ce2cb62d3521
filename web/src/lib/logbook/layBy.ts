import { registerSW } from 'virtual:pwa-register';

/** Once the page has come to rest, everything that is needed without a network is laid by. */
export function layBy() {
  if (!('serviceWorker' in navigator)) return;
  window.addEventListener('load', () => setTimeout(() => registerSW({ immediate: true }), 2000));
}
