import { sentence } from '../../quantity/words/sentence'
import { sayingOf } from '../../join/rule'
import { atPlace, type CheckMeta, type StockRule } from '../rule'

const meta = {
  id: 'stock',
  statement: 'No piece longer than its stock.',
  why: 'A longer one needs a coupling, and a coupling needs a straight.',
  basis: 'standard',
  settings: [],
  step: 'cut',
  todo: true,
  messages: {
    long: sentence(
      { length: 4200 },
      ({ length }, say) => `${say.length(length)} is longer than a stock length: put couplings in under Cut`,
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
