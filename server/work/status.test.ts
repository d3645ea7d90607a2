import { describe, expect, it, vi } from 'vitest'
import { emptyJob } from '~~/core/edit/new-job'
import { statusOf } from './status'

const site = {
  id: 'j',
  version: 1,
  title: 'Tank room',
  document: JSON.stringify(emptyJob('Tank room', 'metric', 'metric')),
  parts: [],
  entries: [],
}

describe('where a job stands', () => {
  it('is told of one that can be planned, with what is wrong of one that cannot be read', () => {
    expect(statusOf(site)).toMatchObject({ units: 'metric', progress: expect.any(Array) })
    expect(statusOf({ ...site, document: '{' })).toMatchObject({ unreadable: [expect.anything()] })
  })

  it('says why where the program fails on it, and fails for nobody else', () => {
    const said = vi.spyOn(console, 'error').mockImplementation(() => {})
    expect(statusOf({ ...site, entries: [{ text: '{"broken', arrived: '', ahead: null }] })).toMatchObject({
      unplannable: expect.stringContaining('JSON'),
    })
    expect(said).toHaveBeenCalledOnce()
    said.mockRestore()
  })
})
