import { axes } from '~~/core/job/kinds'
import type { Axis, Direction } from '~~/core/job/job'
import { directionWords, wayWord } from '~~/core/run/direction-words'

/** Ways in the words of the open job: by the compass, or by the left and right of who faces a wall. */
export function useWays() {
  const { job } = useOpenJob()
  const word = (axis: Axis): string => wayWord(axis, job.value.facing)
  return {
    word,
    capital: (axis: Axis): string => word(axis).replace(/^./, (letter) => letter.toUpperCase()),
    said: (direction: Direction): string => directionWords(direction, job.value.facing),
    ways: computed(() => axes.map((value) => ({ value, label: word(value) }))),
  }
}
