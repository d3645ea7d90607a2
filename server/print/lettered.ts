import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { escaped } from '~~/core/draw/scene-svg'
import { spelled, type FontOf, type Piece } from './spelling'

/** What is told to the writer of PDFs of a piece; all of what runs from right to left is laid out at once. */
const shownAs = ({ text, font, isRightToLeft }: Piece) => ({
  text,
  ...(font === undefined ? {} : { font }),
  ...(isRightToLeft ? { noWrap: true, fontFeatures: [] } : {}),
})

const isPlain = ([first, ...others]: readonly Piece[]): boolean =>
  others.length === 0 && first?.font === undefined && !first?.isRightToLeft

type Node = Readonly<Record<string, unknown>>

/** What stands between two tags of a drawing. */
const betweenTags = />([^<>]+)</g
const entities: Readonly<Record<string, string>> = { '&lt;': '<', '&gt;': '>', '&quot;': '"', '&amp;': '&' }
const unescaped = (text: string) => text.replace(/&(?:lt|gt|quot|amp);/g, (entity) => entities[entity]!)

/** Puts every letter of a document into a font that has it. */
function lettering(fontOf: FontOf) {
  const words = (text: string): string | readonly object[] => {
    const pieces = spelled(text, fontOf)
    return isPlain(pieces) ? (pieces[0]?.text ?? '') : pieces.map(shownAs)
  }
  const drawing = (svg: string) =>
    svg.replace(betweenTags, (whole, text: string) => {
      const pieces = spelled(unescaped(text), fontOf)
      if (isPlain(pieces)) return whole
      const spans = pieces.map(({ text, font }) =>
        font === undefined ? escaped(text) : `<tspan font-family="${font}">${escaped(text)}</tspan>`,
      )
      return `>${spans.join('')}<`
    })
  /** What of a node holds words, or nodes that do. */
  const inside: Readonly<Record<string, (value: unknown) => unknown>> = {
    text: (value) => (typeof value === 'string' ? words(value) : node(value)),
    svg: (value) => drawing(String(value)),
    table: (value) => ({ ...(value as Node), body: node((value as Node).body) }),
    ...Object.fromEntries(['stack', 'columns', 'ul', 'ol'].map((key) => [key, (value: unknown) => node(value)])),
  }
  function node(value: unknown): unknown {
    if (typeof value === 'string') {
      const text = words(value)
      return typeof text === 'string' ? text : { text }
    }
    if (Array.isArray(value)) return value.map(node)
    if (value === null || typeof value !== 'object') return value
    return Object.fromEntries(Object.entries(value).map(([key, of]) => [key, inside[key]?.(of) ?? of]))
  }
  return node
}

/** A document in which every letter stands in a font that has it, or is named by its code point. */
export function lettered(definition: TDocumentDefinitions, fontOf: FontOf): TDocumentDefinitions {
  const node = lettering(fontOf)
  const { content, footer } = definition
  // Its fonts are asked for before a page is laid out.
  if (typeof footer === 'function') node(footer(1, 1, { width: 0, height: 0, orientation: 'portrait' }))
  return {
    ...definition,
    content: node(content) as Content,
    ...(typeof footer === 'function' ? { footer: (...of) => node(footer(...of)) as Content } : {}),
  }
}
