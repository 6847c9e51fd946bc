const DRAFTS = 'zakuska.draft.'
const savers = new Set<() => Promise<unknown>>()

/** What is to be saved before somebody signs out. @returns takes it back */
export function saveBeforeLeaving(save: () => Promise<unknown>): () => void {
  savers.add(save)
  return () => savers.delete(save)
}

/** Saves what is open. */
export async function saveAll(): Promise<void> {
  await Promise.all([...savers].map((save) => save()))
}

/** Takes out of this browser what was typed here: the next person who signs in is somebody else. */
export function forgetTyped(): void {
  try {
    for (const name of Object.keys(localStorage)) if (name.startsWith(DRAFTS)) localStorage.removeItem(name)
  } catch {
    // A forbidden store holds nothing.
  }
}
