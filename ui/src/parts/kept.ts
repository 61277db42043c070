/** What this device keeps, if it lets anything be kept; where storage is barred nothing is, and nothing fails. */
const at = (where: () => Storage) => ({
  get(key: string): string | null {
    try {
      return where().getItem(key)
    } catch {
      return null
    }
  },
  set(key: string, value: string | undefined) {
    try {
      if (value === undefined) where().removeItem(key)
      else where().setItem(key, value)
    } catch {
      // asked again next time
    }
  },
})

/** For good. */
export const kept = at(() => localStorage)
/** While this page is open. */
export const keptHere = at(() => sessionStorage)
