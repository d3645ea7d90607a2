import { expect, it } from 'vitest'
import type { EntryOf } from '../log/known-entry'
import { photoGroups } from './photo-groups'

const photo = (id: string, body: Partial<EntryOf<'photo'>['body']>): EntryOf<'photo'> => ({
  id,
  kind: 'photo',
  subject: {},
  at: '2026-05-04T10:00:00Z',
  by: 'I. Marl',
  jobVersion: 1,
  body: { sha: '0'.repeat(64), ...body },
})

it('photos before covering stand together by wall or floor, however it was written; the others come last', () => {
  const groups = photoGroups([
    photo('joint', { caption: 'the tee' }),
    photo('wall 1', { caption: 'Stud wall', beforeCovering: true }),
    photo('floor', { caption: 'floor of the shop', beforeCovering: true }),
    photo('wall 2', { caption: ' stud wall ', beforeCovering: true }),
    photo('unsaid', { beforeCovering: true }),
  ])
  expect(groups.map(({ where, photos }) => [where, photos.map(({ id }) => id)])).toEqual([
    ['Stud wall', ['wall 1', 'wall 2']],
    ['floor of the shop', ['floor']],
    ['', ['joint', 'unsaid']],
  ])
  expect(photoGroups([])).toEqual([])
})
