import type { Content } from 'pdfmake/interfaces'
import { photoLine, photosHeading } from '~~/core/record/lines'
import { photoGroups } from '~~/core/record/photo-groups'
import { whenIn, type RecordPrint } from './record-print'

/** The photos of a record on paper, two across, each with what it shows; those taken before covering by wall or floor. */
export function photosOf({ record, job, pictures }: RecordPrint): Content[] {
  const when = whenIn(job)
  const numbers = new Map(record.joints.map(({ id, number }) => [id, number]))
  const shown = (entry: RecordPrint['record']['photos'][number]): Content => {
    const { body, by, at } = entry
    const image = pictures[body.sha]
    return {
      unbreakable: true,
      stack: [
        image ? { image, fit: [250, 190] } : { text: `Photo ${body.sha.slice(0, 12)}: kept, not printed` },
        {
          text: [photoLine(entry, numbers), by, when(at)].filter(Boolean).join(', '),
          fontSize: 8,
          margin: [0, 2, 0, 8],
        },
      ],
    }
  }
  return photoGroups(record.photos).flatMap(({ where, photos }): Content[] => {
    const all = photos.map(shown)
    const pairs = all.flatMap((one, at) => (at % 2 === 0 ? [[one, all[at + 1] ?? '']] : []))
    const heading: Content[] = where ? [{ text: photosHeading(where), bold: true, margin: [0, 4, 0, 4] }] : []
    return [...heading, ...pairs.map((columns) => ({ columns, columnGap: 12 }))]
  })
}
