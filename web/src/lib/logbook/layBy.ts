/** Whether this browser can lay anything by: it can over a safe connection, or on the machine itself. */
export const canLayBy = () => typeof navigator !== 'undefined' && 'serviceWorker' in navigator;

/** Once the page has come to rest, everything that is needed without a network is laid by. */
export function layBy() {
  if (!canLayBy()) return;
  window.addEventListener('load', () =>
    setTimeout(async () => {
      const { registerSW } = await import('virtual:pwa-register');
      registerSW({ immediate: true });
    }, 2000),
  );
}

/** Done once what this page reads is laid by. */
export async function layingBy(): Promise<void> {
  if (!canLayBy() || navigator.serviceWorker.controller) return;
  await new Promise<void>((resolve) => navigator.serviceWorker.addEventListener('controllerchange', () => resolve(), { once: true }));
}
