import { assemblyVocabularies } from './assembly/sayings'
import { facingSentences } from './pipework/fittings/facing'
import { bendRadius } from './bend/limits'
import { shapeSentences } from './bend/shape-name'
import { bendingOrderSentences } from './bend/bending-order-sayings'
import { checkMetas } from './check/rules'
import { flowSentences } from './flow/path'
import { identifyVocabularies } from './survey/sayings'
import { noChainVocabulary } from './join/chains/no-chain'
import { ruleMetas } from './join/rules'
import { joinLongSentences } from './edit/stock/join-long-sayings'
import { progressSentences } from './plan/progress-sayings'
import { ownTestSentences } from './prove/own-profile'
import { rescueSentences } from './procedure/rescue-sayings'
import { testProfiles } from './prove/profiles'
import { raisingSentences } from './prove/raising-sayings'
import { proveSentences } from './prove/sayings'
import { commissionSentences } from './commission/sayings'
import { searchSentences } from './leak/sayings'
import { ownerSentences } from './record/owner-duties'
import { recordSentences } from './record/sayings'
import type { Vocabulary } from './quantity/words/sentence'
import { speakerFor } from './quantity/words/speaker'
import type { Speaker } from './quantity/words/speaks'
import type { Units } from './quantity/units'
import { supportSentences } from './support/sayings'
import { timberSentences } from './support/timber'

/** Everything that the core can say, by the id of who says it. */
export const vocabularies: ReadonlyMap<string, Vocabulary> = new Map(
  [
    ...ruleMetas,
    ...checkMetas,
    ...identifyVocabularies,
    ...assemblyVocabularies,
    noChainVocabulary,
    facingSentences,
    bendRadius,
    shapeSentences,
    bendingOrderSentences,
    flowSentences,
    joinLongSentences,
    progressSentences,
    rescueSentences,
    supportSentences,
    timberSentences,
    ...testProfiles.map(({ meta }) => meta),
    ownTestSentences,
    proveSentences,
    raisingSentences,
    commissionSentences,
    searchSentences,
    recordSentences,
    ownerSentences,
  ].map((vocabulary: Vocabulary) => [vocabulary.id, vocabulary]),
)

const speakers: Readonly<Record<Units, Speaker>> = {
  metric: speakerFor('metric', vocabularies),
  imperial: speakerFor('imperial', vocabularies),
}

/** Who tells the core's messages to a reader of these units. */
export const speakerIn = (units: Units): Speaker => speakers[units]
