import * as z from 'zod'
import { jobSchema } from '~~/core/job/job-schema'

export default defineEventHandler(() => z.toJSONSchema(jobSchema, { io: 'input', unrepresentable: 'any' }))
