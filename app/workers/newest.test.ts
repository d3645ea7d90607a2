import { describe, expect, it } from 'vitest'
import { newestOf } from './newest'

describe('the newest question', () => {
  it('is answered next; those asked meanwhile and overtaken are not asked at all', async () => {
    const open: ((answer: string) => void)[] = []
    const asked: number[] = []
    const heard: [number, string][] = []
    const ask = newestOf(
      (question: number) => {
        asked.push(question)
        return new Promise<string>((resolve) => open.push(resolve))
      },
      (question, answer) => heard.push([question, answer]),
    )
    const settle = async (answer: string) => {
      open.shift()!(answer)
      await new Promise((done) => setTimeout(done))
    }
    for (const question of [1, 2, 3]) ask(question)
    expect(asked).toEqual([1])
    await settle('one')
    expect(asked).toEqual([1, 3])
    await settle('three')
    expect(heard).toEqual([
      [1, 'one'],
      [3, 'three'],
    ])
    ask(4)
    await settle('four')
    expect(heard.at(-1)).toEqual([4, 'four'])
  })
})
