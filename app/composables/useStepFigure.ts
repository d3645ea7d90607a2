import type { StepFigure } from '~~/core/procedure/procedure'

/** A step's figure in the reader's words. */
export function useStepFigure() {
  const { length, tolerance, diameter } = useWords()
  return {
    value(figure: StepFigure): string {
      if ('mm' in figure) return length(figure.mm)
      // A gauge measures a diameter: one end goes over it, the other does not.
      return 'go' in figure ? `${diameter(figure.go)} goes, ${diameter(figure.noGo)} does not` : figure.text
    },
    rest: (figure: StepFigure): string =>
      'mm' in figure ? `± ${tolerance(figure.tolerance)}, ${figure.basis}` : figure.basis,
  }
}
