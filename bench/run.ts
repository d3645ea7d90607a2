import { runMain } from '../scripts/run/failure'
import { benchCore } from './core'
import { benchDrawing } from './drawing'
import { benchIdentify } from './identify'
import { benchJoin } from './join'
import { benchPage } from './page'
import { benchStock } from './stock'

runMain(async () => {
  benchCore()
  benchIdentify()
  benchJoin()
  await benchStock()
  await benchPage()
  await benchDrawing()
})
