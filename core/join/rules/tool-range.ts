import { caution, type Rule } from '../rule'

export const toolRange: Rule = {
  meta: {
    id: 'tool-range',
    statement: 'The tool for the method is owned, or hired in time.',
    why: 'A ring closed with the wrong tool looks made and is not.',
    basis: 'trade practice',
    settings: [],
  },
  check({ method, tools }) {
    if (tools === undefined || method.id === 'push-fit' || tools.includes(method.id)) return null
    return caution(`not among your tools: hire or fetch ${method.tool}`)
  },
}
