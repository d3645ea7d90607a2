import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from './catalogue/catalogue'
import { methodIds } from './methods/ids'
import { checkMetas } from './check/rules'
import { profiles } from './workshop/profile'
import { settingIds, settings } from './workshop/setting'
import { settingText } from './workshop/setting-text'
import { ruleMetas } from './join/rules'
import { jointCard } from './procedure/joint-card'
import { attitudes } from './procedure/procedure'
import type { Sentence } from './quantity/words/sentence'
import { unitSystems, type Units } from './quantity/units'
import { speakerIn, vocabularies } from './speech'

/** What one system's reader is never told. */
const foreign: Readonly<Record<Units, RegExp>> = {
  metric: /″|′|\bft\b|\bfeet\b|°F|\bpsi\b|\bgal\b|\bfaucet|\bwrench|\bferrule/,
  imperial:
    /\d[\s\u2009]*(?:mm|cm|m|l|l\/min|kPa|m\/s|K)\b|°C|\blitre|\bmillimetre|\bspanner|\btap\b(?! conn)|\bolive|\bnoggin|\bbatten/,
}
/** No figure told has more digits behind its point than a thousandth of an inch or a hundredth of a millimetre. */
const tooManyDigits = /\.\d{4,}|NaN|undefined|\[object|null/

const faultsIn = (text: string, units: Units): string[] => [
  ...(foreign[units].test(text) ? [`foreign: ${text}`] : []),
  ...(tooManyDigits.test(text) ? [`digits: ${text}`] : []),
  ...(text.trim() === '' ? ['says nothing'] : []),
]

describe.each(unitSystems)('every sentence, to a reader of %s units', (units) => {
  const say = speakerIn(units)

  it.each([...vocabularies.values()].map((of) => [of.id, of] as const))('%s', (id, { messages }) => {
    const faults = Object.entries(messages).flatMap(([message, { sample }]: [string, Sentence]) =>
      faultsIn(say.tell({ rule: id, message, values: sample }), units).map((fault) => `${message}: ${fault}`),
    )
    expect(faults).toEqual([])
  })

  it('the rules, checks and settings as they speak of themselves', () => {
    const metas = [...ruleMetas, ...checkMetas].flatMap(({ statement, why }) => [statement, why].map(say.trade))
    const values = settingIds.map((id) => settingText(id, profiles[units === 'metric' ? 'metric' : 'us-a'][id], say))
    const labels = settingIds.map((id) => say.trade(settings[id].label))
    expect([...metas, ...values, ...labels].flatMap((text) => faultsIn(text, units))).toEqual([])
  })

  it('every card of every method, pipe by pipe', () => {
    const faults = new Set<string>()
    for (const pipe of catalogue.pipes) {
      const isInch = pipe.family !== 'metric' && pipe.family !== 'lead'
      if (isInch !== (units === 'imperial')) continue
      for (const method of methodIds) {
        if (!catalogue.socketFor(method, pipe)) continue
        for (const attitude of attitudes) {
          const card = jointCard(catalogue, pipe, method, {
            profile: profiles[units === 'metric' ? 'metric' : 'us-a'],
            here: {
              say,
              attitude,
              celsius: 3,
              wet: true,
            },
          })
          const texts = [
            card.holes,
            card.apart,
            ...card.cautions,
            ...card.inspection,
            ...card.spoils,
            ...card.tools,
            ...card.consumables,
            ...card.steps.map(({ text }) => text),
            ...card.steps.flatMap(({ figure }) => (figure && 'text' in figure ? [figure.text] : [])),
          ]
          texts.flatMap((text) => faultsIn(text, units)).forEach((fault) => faults.add(fault))
        }
      }
    }
    expect([...faults]).toEqual([])
  })
})
