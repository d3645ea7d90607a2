import { flameDistance } from '../../job/profile'
import { caution, refuse, type Rule } from '../rule'

export const heatNearJoint: Rule = {
  meta: {
    id: 'heat-near-joint',
    statement: 'No flame near plastic, rubber seals or finished press joints.',
    why: 'Copper carries heat: a seal is cooked long before its fitting looks hot.',
    basis: 'guidance',
    settings: ['heatNearTo28', 'heatNearAbove28'],
  },
  check({ method, pipe, place, profile }) {
    if (!method.hot || place.heatNear === undefined) return null
    const least = flameDistance(profile, pipe.od)
    if (place.heatNear >= least) return null
    const short = `${Math.round(least - place.heatNear)} mm short of the ${least} mm that a flame keeps`
    if (place.heatOrder === 'soldered first') return caution(`${short}: solder this joint and let it cool first`)
    if (place.heatOrder === 'wet-wrapped') return caution(`${short}: keep the wet wrap wet until the joint is cold`)
    if (place.heatOrder === 'neither') return refuse(`${short}: solder this joint first, or wet-wrap what is near`)
    return caution(`${short}: only if this joint is soldered first or what is near is wet-wrapped`)
  },
}
