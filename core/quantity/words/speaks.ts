import type { Message } from './message'
import type { Units } from '../units'

/** Writes quantities as one reader reads them. Made at the edge, where the reader is known: a page, a print, an answer. */
export interface Speaker {
  readonly units: Units
  /** A length, to the half millimetre or the sixteenth. */
  length(mm: number): string
  /** A tolerance, never rounded down. */
  tolerance(mm: number): string
  /** A limit, never rounded up. */
  atMost(mm: number): string
  /** A least length that is lacking or needed: never rounded down. */
  atLeast(mm: number): string
  /** A gauge, bore, wall or diameter, to the hundredth or the thousandth. */
  diameter(mm: number): string
  temperature(celsius: number): string
  warming(kelvin: number): string
  volume(litres: number): string
  /** A weight in two figures. */
  weight(kilograms: number): string
  flow(litresPerMinute: number): string
  speed(metresPerSecond: number): string
  pressure(kilopascal: number): string
  /** A leak, by its millilitres a minute. */
  leak(mlPerMinute: number): string
  /** Pressure of a test. */
  testPressure(bar: number): string
  fall(perMille: number): string
  /** A text in the reader's own trade words. */
  trade(text: string): string
  /** A message in words. */
  tell(message: Message): string
}
