import { useElementSize } from '@vueuse/core'
import { clearCorner } from '~~/core/draw/clear-corner'
import type { Drawing, Point } from '~~/core/draw/drawing'

/** Pixels to a unit: signs and letters are drawn in units, a third of a letter's height. */
export const pixels = 4.5
/** Pixels on either side that half a length in feet and inches with its piece takes. */
const beside = 26
/** The drawing's room before the browser has laid it out, in pixels. */
const [usualWidth, usualHeight] = [800, 330]

/**
 * How a drawing is laid in its room. Line weights and letters keep their size on the screen whatever the run's length.
 * Lines do so by themselves; signs and letters are scaled by one property of the group that holds them, so that a run that
 * grows is not drawn anew part by part.
 *
 * @param written where lengths are written
 */
export function useDrawingFrame(
  paper: Readonly<Ref<SVGSVGElement | null>>,
  drawing: Readonly<Ref<Drawing>>,
  written: () => readonly Point[],
) {
  const { width, height } = useElementSize(paper)
  const room = computed(() => [width.value || usualWidth, height.value || usualHeight] as const)
  const unit = computed(() => {
    const [, , across, down] = drawing.value.box
    const [wide, high] = room.value
    return pixels * Math.max(across / (wide - 2 * beside), down / high)
  })
  const frame = computed(() => {
    const [left, top, across, down] = drawing.value.box
    const more = (beside / pixels) * unit.value
    return [left - more, top, across + 2 * more, down] as const
  })
  /** Where the compass stands: in the lower left corner of all that is seen, or in another where pipe lies there. */
  const corner = computed((): Point => {
    const [left, top, across, down] = frame.value
    const [wide, high] = room.value
    const scale = Math.max(across / wide, down / high)
    const [beyond, below] = [(wide * scale - across) / 2, (high * scale - down) / 2]
    const [near, far] = [left - beyond + unit.value * 9, left + across + beyond - unit.value * 9]
    const [upper, lower] = [top - below + unit.value * 9, top + down + below - unit.value * 8]
    const corners: Point[] = [
      [near, lower],
      [far, lower],
      [near, upper],
      [far, upper],
    ]
    return clearCorner(drawing.value, corners, unit.value * 9, written())
  })
  /** The unit in steps of a fifth, for what is placed by it: dimensions then stay where they are while a run is typed. */
  const step = computed(() => 1.2 ** Math.ceil(Math.log(unit.value) / Math.log(1.2)))
  return { unit, step, frame, corner }
}
