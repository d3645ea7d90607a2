import type { Speaker } from '../quantity/words/speaks'
import { settings, type SettingId } from './setting'

/**
 * A setting's value as its reader reads it: lengths and speeds in the reader's units, choices as they are.
 *
 * @example settingText('clipFromSolder', 76.2, imperial) // '3″'
 */
export function settingText(id: SettingId, value: string | number, say: Speaker): string {
  const setting = settings[id]
  if (typeof value === 'string') return say.trade(value)
  const unit = setting.kind === 'number' ? setting.unit : ''
  switch (unit) {
    case 'mm':
      return say.length(value)
    case 'm/s':
      return say.speed(value)
    case 'uses':
    case 'times':
    case 'C':
      return String(value)
    default:
      return `${value} ${unit}`
  }
}
