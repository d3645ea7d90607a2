/** What a page holds of its storage while it is open. */
function inMemory(): Storage {
  const held = new Map<string, string>()
  return {
    get length() {
      return held.size
    },
    key: (at) => [...held.keys()][at] ?? null,
    getItem: (key) => held.get(key) ?? null,
    setItem: (key, text) => void held.set(key, String(text)),
    removeItem: (key) => void held.delete(key),
    clear: () => held.clear(),
  }
}

/** A browser that is set to keep nothing of this site throws where its storage is asked for: the page works without. */
export default defineNuxtPlugin({
  name: 'storage',
  enforce: 'pre',
  setup() {
    for (const name of ['localStorage', 'sessionStorage'] as const) {
      try {
        void window[name]
      } catch {
        Object.defineProperty(window, name, { value: inMemory(), configurable: true })
      }
    }
  },
})
