import type { Highs } from 'highs'
import type { Solver } from './solver'

/**
 * The solver over the `highs` package.
 *
 * @param highs the package as its loader gave it
 */
export function highsSolver(highs: Highs): Solver {
  const { infinity, constants } = highs
  const { optimal } = constants.modelStatus
  const bound = (value: number): number => (Number.isFinite(value) ? value : Math.sign(value) * infinity)
  return {
    open(rows) {
      const model = highs.createModel()
      model.options.set({ output_flag: false, mip_abs_gap: 0.999, random_seed: 1 })
      for (const { least, most } of rows) model.addRow(bound(least), bound(most), { indices: [], values: [] })
      let columns = 0
      const kindOfAll = (type: typeof constants.variableType.integer | typeof constants.variableType.continuous) => {
        for (let column = 0; column < columns; column += 1) model.changeColIntegrality(column, type)
      }
      return {
        add(cost, entries) {
          model.addCol(cost, 0, infinity, {
            indices: entries.map(([row]) => row),
            values: entries.map(([, amount]) => amount),
          })
          columns += 1
        },
        solve() {
          model.run()
          if (model.getModelStatus() !== optimal) return null
          const { colValue, rowDual } = model.getSolution()
          return { cost: model.getObjectiveValue(), amounts: [...colValue], prices: [...rowDual] }
        },
        solveWhole(seconds) {
          kindOfAll(constants.variableType.integer)
          model.zeroAllClocks()
          model.options.set('time_limit', seconds)
          model.run()
          const { colValue } = model.getSolution()
          const found = model.info.get('primal_solution_status') === 2
          model.options.set('time_limit', 1e6)
          kindOfAll(constants.variableType.continuous)
          return found ? [...colValue].map(Math.round) : null
        },
        close: () => model.dispose(),
      }
    },
  }
}
