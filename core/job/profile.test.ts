import { describe, expect, it } from 'vitest'
import { ruleMetas } from '../join/rules'
import { changedSettings, ownProfileSchema, profileIds, profiles, profileWith } from './profile'
import { accepted, changedSettingsSchema, settingIds, settings } from './setting'

describe('profiles and their settings', () => {
  it('every shipped profile says every setting, within what that accepts', () => {
    for (const id of profileIds) {
      const said = Object.fromEntries(settingIds.map((setting) => [setting, profiles[id][setting]]))
      expect(changedSettingsSchema.safeParse(said).success).toBe(true)
    }
  })

  it('a copy with changes says which differ, and a change back to the same is none', () => {
    const changes = { fireWatch: 120, ovality: 1.5 }
    expect(profileWith('metric', changes)).toMatchObject({ fireWatch: 120, ovality: 1.5, id: 'metric' })
    expect(changedSettings({ base: 'metric', changes })).toEqual(['fireWatch'])
    expect(profileWith('metric', undefined)).toBe(profiles.metric)
  })

  it.each(settingIds)('%s refuses what it does not accept, and says what it does', (id) => {
    const setting = settings[id]
    const wrong = setting.kind === 'number' ? [setting.least - 1, setting.most + 1, 'many', null] : ['other', 1]
    for (const value of wrong) {
      const read = changedSettingsSchema.safeParse({ [id]: value })
      expect(read.error?.issues[0]?.message).toBe(accepted(setting))
    }
  })

  it('an unknown setting and a nameless profile are refused', () => {
    expect(changedSettingsSchema.safeParse({ colour: 'red' }).success).toBe(false)
    expect(ownProfileSchema.safeParse({ name: '  ', base: 'metric', changes: {} }).success).toBe(false)
  })

  it('every setting that rules name exists, so that the rules page can show it', () => {
    for (const { settings: named } of ruleMetas) for (const id of named) expect(settingIds).toContain(id)
  })
})
