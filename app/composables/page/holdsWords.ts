const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** Whether a text holds every word that was typed, in any order: “adapter 22” finds “22 solder × 3/4 M BSP adapter”. */
export function holdsWords(text: string, typed: string): boolean {
  const held = plain(text)
  return plain(typed)
    .split(/\s+/)
    .every((word) => held.includes(word))
}
