import { statfsSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { describe, expect, it, vi } from 'vitest'
import { roomOn } from './room'

vi.mock('node:fs', async (original) => ({ ...(await original<typeof import('node:fs')>()), statfsSync: vi.fn() }))
const free = (megabytes: number) => ({ bavail: megabytes * 1000, bsize: 1000 }) as ReturnType<typeof statfsSync>

describe('room on a disk', () => {
  it('is waited for, and that is said once, with how much there is', async () => {
    const said = vi.spyOn(console, 'error').mockImplementation(() => {})
    const looks = [100, 200, 400, 400]
    vi.mocked(statfsSync).mockImplementation(() => free(looks.shift() ?? 500))
    await roomOn(tmpdir(), 400_000_000, 1)
    expect(said).toHaveBeenCalledOnce()
    expect(said.mock.calls[0]![0]).toMatch(/^The disk is full: \d+ MB are free, and the database wants 400 MB/)
    said.mockRestore()
  })
})
