import { sentence } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const toolRange = rule({
  meta: {
    id: 'tool-range',
    statement: 'Own the tool in this size, or hire it in time.',
    why: 'A ring closed with the wrong tool looks made and is not.',
    basis: 'trade practice',
    settings: ['missingTool'],
    messages: {
      none: sentence({ tool: 'press tool and jaw' }, ({ tool }) => `not among your tools: hire or fetch ${tool}`),
      size: sentence(
        { tool: 'press tool and jaw', size: '22' },
        ({ tool, size }) => `your ${tool} does not take ${size}: hire or fetch that size`,
      ),
    },
  },
  check({ method, tools, socket, profile }, { as }) {
    if (tools === undefined || !method.needsTool) return null
    const owned = tools.filter((tool) => tool.method === method.id)
    if (owned.length === 0) return as(profile.missingTool)('none', { tool: method.tool })
    const holdsSize = owned.some(({ sizes }) => sizes === undefined || (socket && sizes.includes(socket.size)))
    return holdsSize || !socket ? null : as(profile.missingTool)('size', { tool: method.tool, size: socket.size })
  },
})
