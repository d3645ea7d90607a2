import type { Content } from 'pdfmake/interfaces'
import { signedText } from '~~/core/record/seal'
import { keyWords, sealWords } from '~~/core/record/seal-words'
import { whenIn, type RecordPrint } from './record-print'

/**
 * The seal of the record that was handed over: in words, and as a code that names it, its key and its signature. Whoever
 * has the file can check by them that it is the one that this paper is of.
 */
export function sealOf({ seal, job, version, entries }: RecordPrint): Content[] {
  if (!seal) return []
  const when = whenIn(job)
  const isCurrent = seal.jobVersion === version && seal.entries === entries.length
  const { key, signature } = seal
  return [
    { text: 'Seal', bold: true, fontSize: 13, margin: [0, 12, 0, 4] },
    // On a line of its own: words that two people read to each other do not wrap.
    { text: sealWords(seal.sha256), bold: true, fontSize: 12, margin: [0, 0, 0, 4] },
    {
      unbreakable: true,
      columnGap: 10,
      columns: [
        {
          qr: [signedText(seal.sha256), key ? `key ${key}` : '', signature ? `signature ${signature}` : '']
            .filter(Boolean)
            .join('\n'),
          fit: 170,
          width: 178,
          eccLevel: 'M',
        },
        {
          width: '*',
          stack: [
            { text: seal.sha256, fontSize: 8, margin: [0, 2, 0, 4] },
            {
              text: isCurrent
                ? `Sealed as it stands here, ${when(seal.sealedAt)}.`
                : `Sealed ${when(seal.sealedAt)}, and changed since: this paper is not what was sealed.`,
              bold: !isCurrent,
            },
            {
              text: key ? `Signed by the key: ${keyWords(key)}.` : 'A seal of old, without a signature.',
            },
            {
              text: 'The record’s JSON file is checked under “Check a record”: it gives the same words, unless a letter was changed.',
              fontSize: 8.5,
              margin: [0, 4, 0, 0],
            },
          ],
        },
      ],
    },
  ]
}
