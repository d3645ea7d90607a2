import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { fittingsThatFit } from './fittings-that-fit'

const taken = (is: (pipe: (typeof catalogue.pipes)[number]) => boolean) =>
  fittingsThatFit(catalogue, catalogue.pipes.find(is)!)

it('what takes no common fitting says the one thing that it takes, and doubts nothing', () => {
  expect(taken(({ material }) => material === 'lead')).toEqual({
    sure: ['nothing: replace the lead'],
    doubtful: [],
    key: 'nothing: replace the lead',
  })
  expect(taken(({ family, nominal }) => family === 'old-bore' && nominal === '3/4').sure).toEqual([
    'converter for old 3/4 bore',
  ])
})

it('what a rule says to be careful with is apart from what every rule lets pass', () => {
  const steel = taken(({ material, nominal }) => material === 'galvanised-steel' && nominal === '1')
  expect(steel.sure.some((label) => label.includes('thread'))).toBe(true)
  expect(steel.doubtful.some((label) => label.includes('repair compression'))).toBe(true)
  expect(steel.sure.filter((label) => steel.doubtful.includes(label))).toEqual([])
})
