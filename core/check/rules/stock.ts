import { sentence } from '../../quantity/words/sentence'
import { sayingOf } from '../../join/rule'
import { atPlace, type CheckMeta, type StockRule } from '../rule'

const meta = {
  id: 'stock',
  statement: 'No piece is longer than what it is cut from.',
  why: 'A longer one takes a coupling, and a coupling wants its place on a straight.',
  basis: 'standard',
  settings: [],
  step: 'cut',
  todo: true,
  messages: {
    long: sentence(
      { length: 4200 },
      ({ length }, say) => `${say.length(length)} is longer than a stock length: put couplings in, under Cut`,
    ),
  },
} as const satisfies CheckMeta
const { caution } = sayingOf(meta)

export const stock: StockRule = {
  meta,
  checkStock: (all) =>
    all.flatMap(({ tooLong, label }) =>
      tooLong.map(({ id, length }) =>
        atPlace({ run: '', where: `${label}, piece ${id}` }, caution('long', { length })),
      ),
    ),
}
