const shut = new Map<string, string>()

/** The browser's storage; where that is full or shut, what is put here lasts as long as the page. */
export const shelf: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> = {
  getItem: (name) => shut.get(name) ?? tried(() => localStorage.getItem(name)) ?? null,
  setItem: (name, value) => {
    shut.delete(name)
    if (tried(() => (localStorage.setItem(name, value), true))) return
    // What it held of old must not come back.
    tried(() => localStorage.removeItem(name))
    shut.set(name, value)
  },
  removeItem: (name) => {
    shut.delete(name)
    tried(() => localStorage.removeItem(name))
  },
}

function tried<T>(work: () => T): T | undefined {
  try {
    return work()
  } catch {
    return undefined
  }
}
