import type { Material } from '../../catalogue/material'
import { caution, type Rule } from '../rule'

const isSteel = (material: Material): boolean => material === 'galvanised-steel' || material === 'carbon-steel'

export const galvanic: Rule = {
  meta: {
    id: 'galvanic',
    statement: 'Copper and galvanised steel do not touch, and copper does not stand upstream of zinc.',
    why: 'Copper that the water carries along settles on zinc and pits it; where the two touch, the steel is eaten first.',
    basis: 'guidance',
    settings: ['dielectric'],
  },
  check({ pipe, other, condition, profile }) {
    if (!other) return null
    const pair = [pipe.material, other.material]
    if (!pair.includes('copper') || !pair.some(isSteel)) return null
    const between =
      profile.dielectric === 'brass' ? 'put brass between the two' : 'put a dielectric union between the two'
    const copperFirst = pipe.material === 'copper' && condition.upstream === true
    return caution(
      copperFirst && other.material === 'galvanised-steel'
        ? `copper upstream of galvanised steel: deposits pit the zinc; turn the order round or replace the steel, and ${between}`
        : `copper to steel: ${between}`,
    )
  },
}
