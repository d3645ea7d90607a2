import type { Leg, Node } from '../job/job'
import { idInRun, siteId } from '../job/site-id'

/** A joint's id, by what it joins: it stays when pipe is drawn before it. */
export const jointId = (node: Node, leg: Leg): string => `${siteId(node)}/${idInRun(leg)}`
