/** How long a page is left to itself, from when it stands there, until what it may need later is fetched. */
const restMs = 2500

/** Does something for later once the page has come to rest; not at all where it was left before. */
export function onceStill(act: () => unknown): void {
  let isLeft = false
  onNuxtReady(() => setTimeout(() => void (isLeft || act()), restMs))
  onScopeDispose(() => (isLeft = true))
}
