import { toolSpace } from '../../catalogue/tool-space'
import { refuse, type Rule } from '../rule'

export const jawSpace: Rule = {
  meta: {
    id: 'jaw-space',
    statement: 'The tool has room to close: to the wall, and between two pipes.',
    why: 'A jaw that stands askew for want of room closes a joint on one side.',
    basis: 'typical',
    settings: [],
  },
  check({ method, pipe, place }) {
    const space = toolSpace(method.id, pipe.od)
    if (!space) return null
    const short = [
      { what: 'to the wall', has: place.wallDistance, needs: space.wall },
      { what: 'between the pipes', has: place.pipeDistance, needs: space.pipes },
    ].flatMap(({ what, has, needs }) =>
      has !== undefined && has < needs ? [`${Math.ceil(needs - has)} mm short ${what} (${needs} needed)`] : [],
    )
    return short.length > 0
      ? refuse(`no room for the tool: ${short.join(', ')}; move it, or make it on the bench`)
      : null
  },
}
