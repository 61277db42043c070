import { READS, RUN } from './meaning'

/**
 * Has the browser look for a newer build, which loads the page anew when it is there. A page that
 * asks for something every few seconds keeps its worker awake, and a worker awake does not look.
 */
export const renew = () =>
  navigator.serviceWorker
    ?.getRegistration()
    .then((kept) => kept?.update())
    .catch(() => undefined) // no line: there is nothing newer to be had

/** Lets go of what was read under an older meaning; what was told and not yet taken stays. */
export async function forgetOlder() {
  const older = (name: string, begin: string, now: string) => name.startsWith(begin) && !name.startsWith(now)
  for (const key of Object.keys(localStorage)) if (older(key, 'attune.run', RUN)) localStorage.removeItem(key)
  for (const name of await caches.keys()) if (older(name, 'attune-reads', READS)) await caches.delete(name)
}
