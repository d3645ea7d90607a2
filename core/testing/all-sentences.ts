import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { checkMetas } from '../check/rules'
import { judge } from '../join/judge'
import { ruleMetas } from '../join/rules'
import type { VerdictKind } from '../join/verdict'
import { evidenceWords } from '../log/evidence'
import { entryKinds } from '../log/kinds'
import { methodIds } from '../methods/ids'
import { methods } from '../methods'
import { jointCard } from '../procedure/joint-card'
import { testProfiles } from '../prove/profiles'
import type { Sentence } from '../quantity/words/sentence'
import type { Units } from '../quantity/units'
import { speakerIn, vocabularies } from '../speech'
import { profiles } from '../workshop/profile'
import { settingIds, settings } from '../workshop/setting'

/** A part of what the core says: each text under a name that tells where it comes from. */
export interface SaidPart {
  readonly head: string
  readonly texts: readonly (readonly [name: string, text: string])[]
}

const ownProfile: Readonly<Record<Units, (typeof profiles)['metric' | 'us-a']>> = {
  metric: profiles.metric,
  imperial: profiles['us-a'],
}

function cardOf(method: (typeof methodIds)[number], units: Units): SaidPart['texts'] {
  const circumstances = { profile: ownProfile[units], service: 'cold', place: {}, condition: {} } as const
  const sold = catalogue.pipes.filter(
    ({ family }) => (family !== 'metric' && family !== 'lead') === (units === 'imperial'),
  )
  const told = (verdict: VerdictKind) =>
    sold.find((of) => judge(catalogue, of, method, circumstances).verdict === verdict)
  const pipe = told('fits') ?? told('caution')
  if (!pipe) return []
  const say = speakerIn(units)
  const here = { say, attitude: 'level', celsius: 15, wet: true } as const
  const card = jointCard(catalogue, pipe, method, { profile: ownProfile[units], here })
  return [
    ['pipe', pipe.label],
    ['tools', card.tools.join(', ')],
    ['consumables', card.consumables.join(', ')],
    ...card.cautions.map((text) => ['caution', text] as const),
    ...card.steps.map(({ text }, at) => [`step ${at + 1}`, text] as const),
    ['inspection', card.inspection.join('; ')],
    ['common faults', card.spoils.join('; ')],
    ['taking apart', card.apart],
  ]
}

/** All that the core says, with each sentence's own sample, to a reader of these units. */
export function allSentences(units: Units): SaidPart[] {
  const say = speakerIn(units)
  const metas = [...ruleMetas, ...checkMetas]
  return [
    ...[...vocabularies].map(([id, { messages }]) => ({
      head: id,
      texts: Object.entries(messages).map(
        ([message, { sample }]: [string, Sentence]) =>
          [message, say.tell({ rule: id, message, values: sample })] as const,
      ),
    })),
    {
      head: 'What the rules and checks say of themselves',
      texts: metas.flatMap(({ id, statement, why }) => [
        [id, say.trade(statement)] as const,
        [`${id}, why`, say.trade(why)] as const,
      ]),
    },
    { head: 'Settings', texts: settingIds.map((id) => [id, say.trade(settings[id].label)] as const) },
    {
      head: 'Pressure tests',
      texts: testProfiles.flatMap(({ meta }) => [
        [meta.name, say.trade(meta.statement)] as const,
        [`${meta.name}, why`, say.trade(meta.why)] as const,
      ]),
    },
    {
      head: 'Asked as a joint is made',
      texts: Object.entries(evidenceWords).flatMap(([id, { ask, seen, missing }]) => [
        [id, say.trade(`${ask} / ${seen} / ${missing}`)] as const,
      ]),
    },
    { head: 'Log', texts: entryKinds.map(({ meta }) => [meta.id, say.trade(meta.name)] as const) },
    ...methodIds.map((method) => ({ head: `Card: ${methods[method].name}`, texts: cardOf(method, units) })),
  ]
}
