import { shippedPipes, type Pipe } from '../catalogue/pipe'
import type { Region } from '../job/observation'

const standardsOf: Readonly<Record<Region, Readonly<Record<string, number>>>> = {
  britain: {
    'EN 1057': 6,
    'BS 659': 2,
    'BS 7291': 4,
    'EN ISO 15875': 1,
    'EN ISO 21003': 1.5,
    'EN 12201': 2,
    'EN ISO 15874': 0.2,
    'ISO 22391': 0.3,
    'BS 1972': 0.3,
    drain: 0.05,
    'EN 10255': 0.7,
    'EN 10312': 0.3,
    'EN 10305-3': 0.5,
    old: 0.5,
  },
  europe: {
    'EN 1057': 5,
    'BS 659': 0.02,
    'BS 7291': 0.3,
    'EN ISO 15875': 2.5,
    'EN ISO 21003': 4,
    'EN 12201': 2,
    'EN ISO 15874': 2,
    'ISO 22391': 1,
    'ISO 15876': 0.2,
    'EN ISO 1452': 0.3,
    drain: 0.05,
    'EN 10255': 2,
    'EN 10312': 1.2,
    'EN 10305-3': 1.2,
    old: 0.4,
  },
  'north-america': {
    'ASTM B88': 6,
    'ASTM F876': 5,
    'ASTM F1281': 0.4,
    'ASTM D2846': 1.5,
    'ASTM D1785': 1,
    'old grey CTS': 1.5,
    'ASTM A53': 1.5,
    'ASTM D2737': 0.4,
    'ASTM D2239': 0.5,
    'ASTM F441': 0.05,
    drain: 0.3,
    'EN 12201': 0.05,
    old: 0.2,
  },
}
const elsewhere = 0.02

/** The sizes that most houses have of each standard, the commonest first, against those met now and then. */
const commonSizes: Readonly<Record<string, readonly string[]>> = {
  'EN 1057': ['15', '22'],
  'BS 7291': ['15', '22'],
  'EN ISO 15875': ['16'],
  'EN ISO 21003': ['16', '20'],
  'EN ISO 15874': ['20', '25'],
  'EN 12201': ['25', '20', '32'],
  'EN 10312': ['15', '22'],
  'EN 10305-3': ['15', '22'],
}
const commonInches = ['1/2', '3/4']
/** Sizes that are met in old heating alone. */
const seldom: Readonly<Record<string, readonly string[]>> = { 'EN 1057': ['14', '16'] }

/** Coiled copper against straight lengths: the rule below 12 mm, the exception above, and rare from 20 on. */
function temperWeight({ temper, od }: Pipe): number {
  if (temper !== 'soft' || od < 12) return 1
  return od < 20 ? 0.06 : 0.03
}

/** The first and the last year in which a pipe was put in, where that is known to the decade. */
const years: Readonly<Record<string, readonly [number, number]>> = {
  'BS 659': [1936, 1972],
  'EN 1057': [1971, 2200],
  'EN ISO 15875': [1985, 2200],
  'BS 7291': [1980, 2200],
  'EN ISO 21003': [1990, 2200],
  'ASTM F1281': [1990, 2200],
  'ASTM F876': [1984, 2200],
  'ASTM D2846': [1960, 2200],
  'old grey CTS': [1978, 1995],
  old: [1700, 1970],
}

function regionWeight(pipe: Pipe, region: Region | undefined): number {
  if (region) return standardsOf[region][pipe.standard] ?? elsewhere
  return Object.values(standardsOf).reduce((sum, weights) => sum + (weights[pipe.standard] ?? elsewhere), 0) / 3
}

function ageWeight(pipe: Pipe, built: number | undefined): number {
  if (built === undefined) return 1
  const [from, to] = years[pipe.standard] ?? [1700, 2200]
  // A newer pipe may have been put into an older building; an older kind is not put into a newer one.
  if (built > to) return 0.02
  return built < from ? 0.4 : 1
}

const rowsOfSize = new Map<string, number>()
const sizeKey = ({ material, temper, standard, nominal }: Pipe): string =>
  `${material}|${temper}|${standard}|${nominal}`
for (const pipe of shippedPipes) rowsOfSize.set(sizeKey(pipe), (rowsOfSize.get(sizeKey(pipe)) ?? 0) + 1)

/** A size made in three walls is not three times as common: its rows share one weight. */
const shareOfSize = (pipe: Pipe): number => 1 / (rowsOfSize.get(sizeKey(pipe)) ?? 1)

/** Of the three grades of tube that only their walls tell apart, L is what is bought for a house. */
const gradeWeight: Readonly<Record<string, number>> = { K: 0.5, M: 0.8 }
const weightOfGrade = ({ grade }: Pipe): number => gradeWeight[grade] ?? 1

/** How often a pipe is asked for: its size is one choice, however many walls it is made in. */
export const askedWeight = (pipe: Pipe, region: Region | undefined): number =>
  priorWeight(pipe, region, undefined) / shareOfSize(pipe)

/**
 * How common a pipe is before anything is looked at, not normalised. Typical: it only breaks ties,
 * the observations decide.
 */
export function priorWeight(pipe: Pipe, region: Region | undefined, built: number | undefined): number {
  const rank = (commonSizes[pipe.standard] ?? commonInches).indexOf(pipe.nominal)
  const usual = seldom[pipe.standard]?.includes(pipe.nominal) ? 0.15 : rank < 0 ? 1 : rank === 0 ? 3.5 : 3
  const withdrawn = pipe.standard === 'old grey CTS' ? 0.3 : 1
  return (
    usual *
    shareOfSize(pipe) *
    weightOfGrade(pipe) *
    withdrawn *
    temperWeight(pipe) *
    regionWeight(pipe, region) *
    ageWeight(pipe, built)
  )
}
