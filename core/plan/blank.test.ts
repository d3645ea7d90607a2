import { describe, expect, it } from 'vitest'
import { bendSheet } from '../bend/bend-sheet'
import { benderSchema } from '../bend/bender-schema'
import { keptBender } from '../job/bender-of-job'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { pipeId, sampleJob } from '../testing/sample-run'
import { planJob } from './plan-job'

const copper = pipeId('EN 1057', '22', 0.9)
/** A short leg between an elbow and a bend: 150 centre to centre, 14.6 taken off, 88 of set-back: 47.4 of straight pipe. */
const drawn = sampleJob({
  pipe: copper,
  method: 'solder',
  legs: [
    ['cap:s', 'east', 400, 'elbow:a'],
    ['elbow:a', 'north', 150, 'bend:b'],
    ['bend:b', 'east', 150, 'elbow:c'],
    ['elbow:c', 'up', 400, 'cap:e'],
  ],
  nodes: { b: { radius: 88 } },
})
const bender = { ...benderSchema.parse({ name: 'Bender 22', od: 22, radius: 88, grip: 120 }), id: 'b1' }

describe('the length to cut for a bent piece', () => {
  const bent = (job: typeof drawn) => planJob(job, catalogue).pieces.find(({ tube }) => tube !== null)!

  it('is the finished one where no bender is kept', () => {
    const piece = bent(drawn)
    expect(piece.blank).toBe(piece.cut)
  })

  it('is longer by the grip that the job’s bender lacks, and stock, sheet and plan say the same', () => {
    const job = { ...drawn, benders: [bender] }
    const plan = planJob(job, catalogue)
    const piece = bent(job)
    // 120 to hold and 47.4 there: 72.6 more at one end, held there it reaches the other.
    expect(piece.blank! - piece.cut!).toBeCloseTo(120 - (150 - 14.6 - 88), 6)
    expect(piece.cut).toBe(bent(drawn).cut)
    const sheet = bendSheet(piece.tube!, keptBender(job, 22)!, 22)
    expect(sheet.blank).toBeCloseTo(piece.blank!, 3)
    expect(plan.stock[0]!.pieces.find(({ id }) => id === piece.id)!.length).toBe(piece.blank)
    for (const straight of plan.pieces.filter(({ tube }) => tube === null)) expect(straight.blank).toBe(straight.cut)
  })
})
