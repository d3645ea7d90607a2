import { fits, type Rule } from '../rule'

const mechanical = new Set(['push-fit', 'compression', 'compression-pe'])

export const concealed: Rule = {
  meta: {
    id: 'concealed',
    statement: 'A joint that cannot be reached again is soldered, pressed, crimped or expanded.',
    why: 'A nut or a collar can work loose, and a weep in a closed wall is found by the damage.',
    basis: 'model code',
    settings: ['concealedDemountable'],
  },
  check({ method, place, profile }) {
    if (!place.concealed || !mechanical.has(method.id)) return null
    if (profile.concealedDemountable === 'fits') return fits('accepted in a closed place by this profile')
    return {
      verdict: profile.concealedDemountable,
      text: 'it cannot be reached again: use solder, press, crimp or expansion, or leave a hatch',
    }
  },
}
