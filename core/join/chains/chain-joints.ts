import { fitsBySize } from '../../catalogue/fit'
import type { FittingEnd } from '../../catalogue/fitting'
import type { Pipe } from '../../catalogue/pipe'
import { judgeInSocket, judgeSpigot, judgeThreads, type Circumstances } from '../judge'
import type { Verdict } from '../verdict'

function judgeBetween(open: FittingEnd, next: FittingEnd): Verdict | null {
  if (open.type === 'thread' && next.type === 'thread') {
    const judged = open.sex === 'M' ? judgeThreads(open, next) : judgeThreads(next, open)
    return judged.verdict === 'refuse' ? null : judged
  }
  return open.type === 'thread' ? null : judgeSpigot(open.socket.method)
}

/** What ends are alike by, where a joint of theirs is judged. */
const judgedBy = (end: FittingEnd): string =>
  end.type === 'thread' ? `${end.system} ${end.size} ${end.sex} ${end.form} ${end.plastic}` : end.socket.method
const judgedBetween = new Map<string, Verdict | null>()

/**
 * The joint between two fittings: their threads, or a spigot in a socket; null when a rule refuses it. The rules ask
 * nothing of the place here, so each pair is judged once.
 */
export function between(open: FittingEnd, next: FittingEnd): Verdict | null {
  const key = `${judgedBy(open)} + ${judgedBy(next)}`
  const known = judgedBetween.get(key)
  if (known !== undefined) return known
  const judged = judgeBetween(open, next)
  judgedBetween.set(key, judged)
  return judged
}

/** The verdict of a pipe in a socket; null when it is refused or does not go in. Remembers each socket. */
export function jointTester(pipe: Pipe, circumstances: Circumstances): (end: FittingEnd) => Verdict | null {
  const known = new Map<string, Verdict | null>()
  return (end) => {
    if (end.type !== 'socket') return null
    const { socket } = end
    let verdict = known.get(socket.id)
    if (verdict === undefined) {
      const judged = fitsBySize(pipe, socket) ? judgeInSocket(pipe, socket, circumstances) : null
      verdict = judged && judged.verdict !== 'refuse' ? judged : null
      known.set(socket.id, verdict)
    }
    return verdict
  }
}
