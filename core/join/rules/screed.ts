import { caution, type Rule } from '../rule'

export const screed: Rule = {
  meta: {
    id: 'screed',
    statement: 'A joint in a floor screed lies in a sleeve.',
    why: 'Screed shrinks and its lime eats brass and copper; a joint that cannot move a little is torn.',
    basis: 'guidance',
    settings: [],
  },
  check({ place }) {
    if (!place.screed) return null
    return caution('in screed: no joint if it can be helped; else sleeve or wrap it, and test before it is covered')
  },
}
