/** Keeps the app at hand without a server, and tells of a new version. Only the built app ships a service worker. */

/** Whether there is a newer app is asked so often, in ms. */
const ASK_EVERY_MS = 60 * 60 * 1000;

/** A newer version of the app that waits to be taken; null while there is none. */
let waiting: ServiceWorker | null = null;
const listeners = new Set<() => void>();

function setWaiting(worker: ServiceWorker | null): void {
  waiting = worker;
  for (const listen of listeners) listen();
}

/** A store of whether a newer version of the app waits; see `useSyncExternalStore`. */
export const newVersion = {
  subscribe: (listen: () => void): (() => void) => {
    listeners.add(listen);
    return () => listeners.delete(listen);
  },
  waits: (): boolean => waiting !== null,
};

/** Takes the newer version: the page is loaded anew once it is in charge. */
export function takeNewVersion(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  waiting?.postMessage({ type: 'SKIP_WAITING' });
}

/** Hears of versions that come while the app is open. */
function watch(registration: ServiceWorkerRegistration): void {
  const look = () => {
    // Without one in charge this is the first version, which nobody has to be told of.
    if (registration.waiting && navigator.serviceWorker.controller)
      setWaiting(registration.waiting);
  };
  const follow = () => registration.installing?.addEventListener('statechange', look);
  look();
  // At the first start after an upgrade it is on its way before anybody listens.
  follow();
  registration.addEventListener('updatefound', follow);
  const ask = () => void registration.update().catch(() => undefined);
  ask();
  setInterval(ask, ASK_EVERY_MS);
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') ask();
  });
}

export function registerServiceWorker(): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
  const register = () =>
    navigator.serviceWorker.register('/sw.js').then(watch, (error: unknown) => {
      console.warn('The app will not work without its server:', error);
    });
  if (document.readyState === 'complete') void register();
  else window.addEventListener('load', () => void register(), { once: true });
}
