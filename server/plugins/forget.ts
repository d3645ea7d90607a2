import { seeToday } from '../database/days-seen'
import { forgetDeletedJobs } from '../database/deleted-jobs'
import { forgetOldPieces } from '../database/photos'
import { forgetOldKeys } from '../database/idempotency'

const hour = 60 * 60 * 1000

async function forget(): Promise<void> {
  await seeToday()
  await Promise.all([forgetDeletedJobs(), forgetOldKeys(), forgetOldPieces()])
}

/** Once an hour what has had its time goes; where the database is away it goes an hour later. */
export default defineNitroPlugin((nitro) => {
  const timer = setInterval(() => {
    forget().catch(() => {
      console.error(
        'What is past its time could not be taken away: the database does not answer. Trying again in an hour.',
      )
    })
  }, hour)
  nitro.hooks.hook('close', () => clearInterval(timer))
})
