/** Light or dark, as it is pressed. */
export function useDark() {
  const colorMode = useColorMode()
  const isDark = computed(() => colorMode.value === 'dark')
  return {
    word: computed(() => (isDark.value ? 'Light, for daylight' : 'Dark, for cellars')),
    icon: computed(() => (isDark.value ? 'i-lucide-sun' : 'i-lucide-moon')),
    toggle: () => (colorMode.preference = isDark.value ? 'light' : 'dark'),
  }
}
