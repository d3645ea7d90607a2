import Papa from 'papaparse'
import { answering } from '../../../http/answering'
import { readRecord } from '../../../http/record'

/** The joints of a record as a table. */
export default answering(async (event) => {
  const record = await readRecord(event)
  const rows = record.joints.map(({ number, where, pipe, method, insertion, made, inspected, photos, proof }) => ({
    number,
    where,
    pipe,
    method,
    'insertion, mm': insertion,
    'made by': made?.by ?? '',
    'made at': made?.at ?? '',
    gauge: made?.body.gauge ?? '',
    'mark seen': made?.body.markSeen ?? '',
    proven: 'by' in proof,
    lacks: 'by' in proof ? '' : proof.lacks,
    'looked at by': inspected?.by ?? '',
    'looked at': inspected?.at ?? '',
    sound: inspected?.sound ?? '',
    photos: photos.length,
  }))
  setHeader(event, 'Content-Type', 'text/csv; charset=utf-8')
  return Papa.unparse(rows, { escapeFormulae: true })
})
