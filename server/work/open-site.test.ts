import { describe, expect, it } from 'vitest'
import { assemblyOrder } from '~~/core/assembly/order'
import { assemblyQuestion } from '~~/core/assembly/assembly-question'
import { suspectsOf } from '~~/core/leak/suspects'
import { siteState } from '~~/core/log/site-state'
import { recordOf } from '~~/core/record/record'
import { pipeId, sampleJob } from '~~/core/testing/sample-run'
import { shippedCosts } from '~~/core/workshop/costs'
import { recordDocument } from '../print/record-document'
import { spokenRecord } from '../http/spoken'
import { openSite } from './open-site'
import { chained } from '~~/core/testing/sample-choice'

/** A chain whose two sockets face each other, as it was stored before anything was known of a piece between them. */
const stored = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['cap:s', 'east', 800, 'adapter:m'],
    ['adapter:m', 'east', 700, 'cap:e'],
  ],
  nodes: {
    m: {
      fitting: chained(['22 solder × 22 solder coupling', '22 press × 22 press coupling'], ['solder', 'press-metal']),
    },
  },
})
const texts = { id: 'j', version: 1, title: 'Sample', document: JSON.stringify(stored), parts: [], entries: [] }

describe('a chain that comes apart into a short piece, stored before it did', () => {
  const opened = openSite(texts)
  if (!opened.ok) throw new Error('it is read')
  const { job, plan, catalogue, decided } = opened.site

  it('is one thing to all that read it: the plan, the order of work, the search for a leak, the record, its drawing', () => {
    expect(decided.legs).toHaveLength(2)
    expect(plan.pieces.map(({ cut }) => cut !== null)).toEqual([true, true, true])
    const joints = plan.joints.map(({ id }) => id).toSorted()
    expect(joints).toHaveLength(6)
    const order = assemblyOrder(assemblyQuestion(catalogue, job, plan, { costs: shippedCosts, celsius: 20 }))
    expect(order.ok && order.steps.map(({ joint }) => joint).toSorted()).toEqual(joints)
    const state = siteState(plan, [])
    const suspects = suspectsOf(job, plan, state).flatMap(({ joint }) => joint ?? [])
    expect(new Set(suspects)).toEqual(new Set(joints))
    const record = spokenRecord(
      recordOf(catalogue, { id: 'j', version: 1, job }, { plan, entries: [], proofs: new Map() }),
      'metric',
    )
    expect(record.joints.map(({ id }) => id).toSorted()).toEqual(joints)
    expect(JSON.stringify(record)).not.toContain('a place that is not there')
    const printed = JSON.stringify(recordDocument({ record, job, plan, catalogue, pictures: {} } as never))
    for (const { id } of plan.pieces) expect(printed).toContain(`${id}<`)
  })
})
