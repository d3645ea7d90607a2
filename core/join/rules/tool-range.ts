import type { JointSubject, Rule } from '../rule'

/** What is missing of the tool for a joint; null where nothing is, or where nothing was said of tools. */
function missing({ method, tools, socket }: JointSubject): string | null {
  if (tools === undefined || method.id === 'push-fit') return null
  const owned = tools.filter((tool) => tool.method === method.id)
  if (owned.length === 0) return `not among your tools: hire or fetch ${method.tool}`
  const holdsSize = owned.some(({ sizes }) => sizes === undefined || (socket && sizes.includes(socket.size)))
  return holdsSize || !socket ? null : `your ${method.tool} does not hold ${socket.size}: hire or fetch that size`
}

export const toolRange: Rule = {
  meta: {
    id: 'tool-range',
    statement: 'The tool for the method is owned in this size, or hired in time.',
    why: 'A ring closed with the wrong tool looks made and is not.',
    basis: 'trade practice',
    settings: ['missingTool'],
  },
  check(subject) {
    const text = missing(subject)
    return text === null ? null : { verdict: subject.profile.missingTool, text }
  },
}
