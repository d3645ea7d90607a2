import Papa from 'papaparse'
import { formatMoment } from '~~/core/record/format-moment'
import type { SpokenRecord } from '../http/spoken'

/** The joints of a record as CSV. */
export function recordTable({ joints, job }: SpokenRecord): string {
  const when = (at: string | undefined) => (at === undefined ? '' : formatMoment(at, job.zone))
  const rows = joints.map(({ number, where, pipe, method, insertion, made, inspected, photos, proof }) => ({
    number,
    where,
    pipe,
    method,
    'insertion, mm': insertion,
    'made by': made?.by ?? '',
    'made at': when(made?.at),
    gauge: made?.body.gauge ?? '',
    'mark seen': made?.body.markSeen ?? '',
    proven: 'by' in proof,
    lacks: 'by' in proof ? '' : proof.lacks,
    'looked at by': inspected?.by ?? '',
    'looked at': when(inspected?.at),
    sound: inspected?.sound ?? '',
    photos: photos.length,
  }))
  return Papa.unparse(rows, { escapeFormulae: true })
}
