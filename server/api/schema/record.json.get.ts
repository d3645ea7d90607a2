import * as z from 'zod'
import { recordSchema } from '~~/core/record/record-schema'

export default defineEventHandler(() => z.toJSONSchema(recordSchema, { io: 'input', unrepresentable: 'any' }))
