import { runMain } from '../scripts/run/failure'
import { benchAnswers } from './answers'
import { benchCore } from './core'
import { benchDrawing } from './drawing'
import { benchFirstLoad } from './first-load'
import { benchGrowth } from './growth'
import { benchIdentify } from './identify'
import { benchJoin } from './join'
import { benchLanes } from './lanes'
import { benchPage } from './page'
import { benchStock } from './stock'

runMain(async () => {
  benchCore()
  benchGrowth()
  benchIdentify()
  benchJoin()
  await benchStock()
  await benchAnswers()
  await benchLanes()
  await benchPage()
  await benchFirstLoad()
  await benchDrawing()
})
