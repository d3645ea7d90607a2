import { describe, expect, it } from 'vitest'
import { pipeId, sampleJob } from '../../core/testing/sample-run'
import { useSite } from './client'

const { ask, site } = useSite(false)
const job = {
  ...sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [['open:a', 'east', 1000, 'open:b']],
  }),
  address: '4 Tarn Lane',
}
const begin = async (title: string, visits: readonly object[]) =>
  (await ask('POST', 'jobs', { ...job, title, visits })).body.id as string

describe('visits', () => {
  it('of all jobs come by day and by the time agreed, those without one after; other days and jobs are left out', async () => {
    const first = await begin('Kiln room', [
      { id: 'v-1', on: '2026-12-04', at: '13:30', what: 'Second fix', minutes: 90 },
      { id: 'v-2', on: '2026-12-11' },
    ])
    await begin('Wash-house', [{ id: 'v-3', on: '2026-12-04' }])
    await begin('Loft', [{ id: 'v-4', on: '2026-12-03', at: '16:00' }])
    await begin('No visits', [])
    const { body } = await ask('GET', 'visits?from=2026-12-03&to=2026-12-04')
    expect(body.visits.map(({ visit }: { visit: { id: string } }) => visit.id)).toEqual(['v-4', 'v-1', 'v-3'])
    expect(body.visits[1]).toMatchObject({ job: first, title: 'Kiln room', address: '4 Tarn Lane' })
  })

  it('say when somebody really came, as the log has it, whoever wrote it', async () => {
    const visits = [
      { id: 'v-8', on: '2027-01-08' },
      { id: 'v-9', on: '2027-01-08' },
    ]
    const id = await begin('Dye house', visits)
    const said = (body: object) => ({
      id: crypto.randomUUID(),
      kind: 'visit-times',
      at: '2027-01-08T09:00:00Z',
      by: 'I. Marl',
      jobVersion: 1,
      body,
    })
    const entries = [said({ visit: 'v-8', began: '08:40', ended: '09:30' }), said({ visit: 'v-8', ended: '09:50' })]
    expect((await ask('POST', `jobs/${id}/log`, { entries })).status).toBe(201)
    const { body } = await ask('GET', 'visits?from=2027-01-08&to=2027-01-08')
    expect(body.visits.map(({ real }: { real: object }) => real)).toEqual([{ began: '08:40', ended: '09:50' }, {}])
    const wrong = await ask('POST', `jobs/${id}/log`, { entries: [said({ visit: 'v-8', began: '8.40' })] })
    expect(wrong.body.fields).toMatchObject([{ field: 'entries.0.body.began' }])
  })

  it('are a calendar in the place’s own time: an end where one is known, a whole day without a time', async () => {
    const answer = await fetch(`${site().origin}/api/calendar.ics`)
    expect(answer.headers.get('content-type')).toContain('text/calendar')
    const text = (await answer.text()).replaceAll('\r\n', '\n')
    const event = text.split('BEGIN:VEVENT').find((of) => of.includes('UID:v-1.'))!
    expect(event).toContain('DTSTART:20261204T133000\n')
    expect(event).toContain('DTEND:20261204T150000\n')
    expect(event).toContain('SUMMARY:Kiln room: Second fix\n')
    expect(event).toContain('LOCATION:4 Tarn Lane\n')
    expect(text.split('BEGIN:VEVENT').find((of) => of.includes('UID:v-3.'))).toContain('DTSTART;VALUE=DATE:20261204\n')
  })

  it('name the field that is wrong: a day that the calendar does not have, a time past midnight', async () => {
    const asked = await ask('GET', 'visits?from=2026-11-31&to=2026-12-04')
    expect(asked.status).toBe(422)
    expect(asked.body.fields).toEqual([{ field: 'from', problem: 'a day as year-month-day: 2026-12-04' }])
    const late = { id: 'v', on: '2028-02-29', at: '24:00' }
    const refused = await ask('POST', 'jobs', { ...job, title: 'Late', visits: [late] })
    expect(refused.status).toBe(422)
    expect(refused.body.fields).toMatchObject([{ field: 'visits.0.at' }])
  })
})
