import * as z from 'zod'
import { accepted, settingIds, settings, type Setting, type Settings } from './setting'

const schemaOf = (setting: Setting) =>
  setting.kind === 'number'
    ? z
        .number({ error: accepted(setting) })
        .min(setting.least, accepted(setting))
        .max(setting.most, accepted(setting))
    : z.enum(setting.values as [string, ...string[]], { error: accepted(setting) })

/** Some settings, as a profile of one's own changes them. */
export const changedSettingsSchema = z
  .strictObject(Object.fromEntries(settingIds.map((id) => [id, schemaOf(settings[id])])))
  .partial()
  .transform((changed) => changed as Partial<Settings>)
