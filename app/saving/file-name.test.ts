import { describe, expect, it } from 'vitest'
import { fileName } from './file-name'

describe('a file that is handed out', () => {
  it('is named by its job and what it is, in letters that every system takes', () => {
    expect(fileName('Tarn Lane Bakehouse', 'cut list', 'csv')).toBe('Tarn Lane Bakehouse, cut list.csv')
    expect(fileName('Unit 3/4: "hot"\n', 'riser <2>', 'svg')).toBe('Unit 3 4 hot, riser 2.svg')
    expect(fileName(' \t', 'job', 'json')).toBe('Job, job.json')
    expect(fileName('x'.repeat(300), 'job', 'json')).toHaveLength(100 + ', job.json'.length)
  })
})
