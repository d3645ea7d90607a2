import type { InjectionKey } from 'vue'

const key: InjectionKey<true> = Symbol('keys go on')

/** On this page the keys belong to the drawing: what was chosen from a list gives them back. */
export const keysGoOn = () => provide(key, true)

/** For a list: gives the focus to the drawing once something was chosen from it, where the keys go on there. */
export function useKeysGoOn() {
  const goesOn = inject(key, false)
  const { focus } = useDrawingFocus()
  return { letGo: () => void (goesOn && requestAnimationFrame(focus)) }
}
