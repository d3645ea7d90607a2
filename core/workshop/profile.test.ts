import { describe, expect, it } from 'vitest'
import { ruleMetas } from '../join/rules'
import { changedSettings, flameDistance, profiles, profileWith } from './profile'
import { profileIds } from './profile-ids'
import { ownProfileSchema } from './profile-schema'
import { speakerIn } from '../speech'
import { accepted, settingIds, settings, type SettingId } from './setting'
import { changedSettingsSchema } from './setting-schema'
import { settingText } from './setting-text'

it('a flame keeps farther from a joint in pipe of more than 28', () => {
  const far = { heatNearTo28: 450, heatNearAbove28: 600 }
  expect([22, 28, 28.5, 28.6, 35].map((od) => flameDistance(far, od))).toEqual([450, 450, 450, 600, 600])
})

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

  it('are told in their reader’s units, whatever they are', () => {
    const [metric, imperial] = [speakerIn('metric'), speakerIn('imperial')]
    const told = (id: SettingId, value: string | number) => [
      settingText(id, value, metric),
      settingText(id, value, imperial),
    ]
    expect(told('clipFromSolder', 101.6).map((text) => text.replaceAll('\u2009', ' '))).toEqual(['101.5 mm', '4″'])
    expect(told('hotVelocity', 1.5).map((text) => text.replaceAll('\u2009', ' '))).toEqual(['1.5 m/s', '4.9 ft/s'])
    expect(told('fireWatch', 60)).toEqual(['60 min', '60 min'])
    expect(told('ovality', 1.5)).toEqual(['1.5 %', '1.5 %'])
    expect(told('oliveSmear', 'a smear')).toEqual(['a smear', 'a smear'])
    expect(told('concealedDemountable', 'caution')).toEqual(['caution', 'caution'])
    for (const id of settingIds) {
      const { kind } = settings[id]
      const unit = kind === 'number' ? settings[id as 'fireWatch'].unit : ''
      if (unit === 'uses' || unit === 'C') expect(told(id, 5)).toEqual(['5', '5'])
    }
  })

  it('every setting that rules name exists, so that the rules page can show it', () => {
    for (const { settings: named } of ruleMetas) for (const id of named) expect(settingIds).toContain(id)
  })
})
