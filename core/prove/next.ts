import type { Doubt } from './gate'
import { courseOf } from './inference/course'
import { follow } from './inference/forward'
import type { Proof } from './inference/infer'
import { judge, type Case, type Judgement } from './judge'
import type { Reading } from './readings'
import { proveSays, type NextKind } from './sayings'
import { softness } from './softness'
import { isWarmthRead } from './temperature'
import type { Message } from '../quantity/words/message'

export interface Next {
  readonly kind: NextKind
  readonly message: Message
  /** What is asked about: readings between these seconds, topped up, or one that stands apart. */
  readonly asks?: { readonly of: 'topped up' | 'odd row'; readonly from: number; readonly to: number }
}

/** Reading on for so long is thought through, in seconds. */
const waits = [120, 300, 600, 1200, 2400, 3600]
/** In how many readings. */
const forecasts = 12
/** A pipe whose temperature moves by more than this in ten minutes is not at rest, in kelvin. */
const restless = 0.4
const recently = 600

/** What would be read from now on if what explains the readings best went on, at the temperature of the last reading. */
function readOn({ question }: Case, { likeliest }: Proof, seconds: number): Reading[] {
  const readings = question.stretches.at(-1)!
  const last = readings.at(-1)!
  const celsius = last.celsius ?? question.celsius
  const times = Array.from({ length: forecasts + 1 }, (_, at) => last.seconds + (at * seconds) / forecasts)
  const course = courseOf(
    times.map((time) => ({ seconds: time, celsius })),
    last.bar,
    question.earlier.length > 0 ? question.earlier : [{ seconds: 0, bar: readings[0]!.bar }],
  )
  // The flow is told at the first pressure; by now it is what is left of it.
  const first = question.stretches[0]![0]!.bar
  const { flow, level, exponent } = likeliest
  const over = Math.abs(last.bar - level) / Math.abs(first - level)
  const bar = follow({ ...likeliest, flow: flow === 0 ? 0 : flow * over ** exponent }, last.bar, course)
  const isRead = isWarmthRead(question.stretches.flat())
  return times.slice(1).map((time, at) => ({ seconds: time, bar: bar[at + 1]!, ...(isRead ? { celsius } : {}) }))
}

/** Why nothing is decided, and what somebody may say to it. */
const doubted = ({ kind, message, at }: Doubt): Next => ({
  kind: 'readings',
  message,
  ...(at && (kind === 'topped up' || kind === 'odd row') ? { asks: { of: kind, ...at } } : {}),
})

/** Whether the case would be decided. */
const decides = (of: Case): boolean => judge(of).verdict !== 'undecided'

/** The case with the readings of so many more seconds. */
function after(of: Case, proof: Proof, seconds: number): Case {
  const more = readOn(of, proof, seconds)
  const { stretches } = of.question
  const longer = [...stretches.slice(0, -1), [...stretches.at(-1)!, ...more]]
  return { question: { ...of.question, stretches: longer }, given: [...of.given, ...more] }
}

/** The case with a stroke of the pump measured, as what explains the readings best would show it. */
function withStroke({ question, given }: Case, { likeliest }: Proof): Case {
  const bar = question.stretches[0]![0]!.bar
  const give = Math.exp(likeliest.logSofter) * softness(likeliest.system, question.celsius, bar)
  return {
    question: { ...question, pumped: { litres: give * bar * 0.2 * question.system.litres, from: 0.8 * bar, to: bar } },
    given,
  }
}

/**
 * What would decide it soonest: each thing that can be done is thought through, as what explains the readings best would
 * show it, and judged as if it had been read; or what comes after the verdict.
 *
 * @param isTimeUp of the profile
 */
export function nextOf(of: Case, { verdict, doubt, proof }: Judgement, isTimeUp: boolean): Next {
  const say = (kind: Exclude<NextKind, 'wait' | 'wait-still' | 'odd row' | 'topped up' | 'plastic settles'>): Next => ({
    kind,
    message: proveSays(kind),
  })
  if (doubt) return doubted(doubt)
  if (!proof) return say('readings')
  if (verdict === 'tight') return say(isTimeUp ? 'end' : 'done')
  if (verdict === 'weep') return say('weeps')
  if (verdict === 'leak') return say(proof.explanation === 'closing-leak' ? 'find under pressure' : 'find')
  if (verdict === 'inflow') return say('rises')
  const readings = of.question.stretches.flat()
  if (!isWarmthRead(readings)) return say('read-temperature')
  const warmth = readings
    .filter(({ seconds }) => seconds >= readings.at(-1)!.seconds - recently)
    .flatMap(({ celsius }) => (celsius === undefined ? [] : [celsius]))
  if (Math.max(...warmth) - Math.min(...warmth) > restless)
    return { kind: 'wait-still', message: proveSays('wait-still', { seconds: recently }) }
  const { pumped, knowsAir } = of.question
  if (!pumped && !knowsAir && decides(withStroke(of, proof))) return say('pump-stroke')
  const seconds = waits.find((wait) => decides(after(of, proof, wait)))
  return seconds === undefined ? say('halve') : { kind: 'wait', message: proveSays('wait', { seconds }) }
}
