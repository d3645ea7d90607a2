import type { Job, Survey } from '../../job/job'
import type { Observation } from '../../job/observation'

const withSurvey = (job: Job, id: string, change: (survey: Survey) => Survey): Job => ({
  ...job,
  surveys: job.surveys.map((survey) => (survey.id === id ? change(survey) : survey)),
})

export function setSurvey(job: Job, id: string, change: Partial<Survey>): Job {
  return withSurvey(job, id, (survey) => ({ ...survey, ...change }))
}

/** What is seen, and one thing more: a look of the same kind is replaced, a measure is added. */
export function withSeen(observations: readonly Observation[], seen: Observation): Observation[] {
  const measure = seen.kind === 'diameter' || seen.kind === 'circumference' || seen.kind === 'wall'
  return [...observations.filter(({ kind }) => measure || kind !== seen.kind), seen]
}

export function removeSurvey(job: Job, id: string): Job {
  return { ...job, surveys: job.surveys.filter((survey) => survey.id !== id) }
}
