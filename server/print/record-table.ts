import Papa from 'papaparse'
import { evidenceTexts } from '~~/core/log/evidence'
import { formatMoment } from '~~/core/record/format-moment'
import type { SpokenRecord } from '../http/spoken'

/** The joints of a record as CSV. */
export function recordTable({ joints, job }: SpokenRecord): string {
  const when = (at: string | undefined) => (at === undefined ? '' : formatMoment(at, job.zone))
  const rows = joints.map(({ number, where, pipe, method, insertion, made, inspected, changed, photos, proof }) => ({
    number,
    where,
    pipe,
    method,
    'insertion, mm': insertion,
    'made by': made?.by ?? '',
    'made at': when(made?.at),
    tool: made?.body.tool ?? '',
    'tool check due': made?.body.toolDue ?? '',
    gauge: made?.body.gauge ?? '',
    'mark seen': made?.body.markSeen ?? '',
    seen: made ? evidenceTexts(made.body).join('; ') : '',
    'changed since': changed !== null,
    proven: proof === null ? '' : 'by' in proof,
    'proven by': proof && 'by' in proof ? proof.by : '',
    lacks: proof && 'lacks' in proof ? proof.lacks : '',
    'looked at by': inspected?.by ?? '',
    'looked at': when(inspected?.at),
    sound: inspected?.sound ?? '',
    photos: photos.join(' '),
  }))
  return Papa.unparse(rows, { escapeFormulae: true })
}
