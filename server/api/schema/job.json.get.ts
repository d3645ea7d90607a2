import * as z from 'zod'
import { jobSchema } from '~~/core/job/job'

export default defineEventHandler(() => z.toJSONSchema(jobSchema, { io: 'input', unrepresentable: 'any' }))
