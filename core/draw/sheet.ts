import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdIn } from '../job/leg-defaults'
import type { System } from '../job/system'
import { layOut } from '../run/layout'
import { drawRun, type DrawingView } from './drawing'
import { escaped, margin, sheetFrame, type SheetTexts } from './sheet-frame'
import { sketchOf } from './sketch'
import { bodyLines, dimensionTexts, flowArrows, jointTexts, nodeSigns, pipeLines } from './sheet-marks'

/**
 * A run drawn to fit one page across, as SVG in millimetres: pipe by material and service, fittings, dimensions that
 * do not cover each other, piece numbers, flow arrows, heights of the ends.
 */
export function runSheet(catalogue: Catalogue, system: System, view: DrawingView, texts: SheetTexts): string {
  const layout = layOut(system)
  const frame = sheetFrame(drawRun(layout, view, sketchOf(layout)), texts)
  const { ink } = texts.colours
  const { width, height } = frame.page
  const services = [...new Set(frame.drawing.legs.map(({ service }) => service))]
  const pipeIds = system.legs.length > 0 ? system.legs.map((leg) => pipeIdIn(system, leg)) : [system.runs[0]!.pipe]
  const pipes = [...new Set(pipeIds)].map((id) => catalogue.pipe(id)?.label ?? id)
  const subtitle = `${view}, ${services.length > 0 ? services.join(' and ') : system.runs[0]!.service}, ${pipes.join(', ')}; not to scale, centre to centre`
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" font-family="sans-serif" fill="none">`,
    `<g fill="${ink}"><text x="${margin}" y="${margin + 4}" font-size="5">${escaped(texts.title)}</text>`,
    `<text x="${margin}" y="${margin + 10}" font-size="3.2">${escaped(subtitle)}</text></g>`,
    ...pipeLines(frame, catalogue, system),
    ...bodyLines(frame),
    ...flowArrows(frame),
    `<g fill="${ink}">${nodeSigns(frame, texts.length).join('')}</g>`,
    `<g fill="${ink}">${dimensionTexts(frame, system, texts).join('\n')}${jointTexts(frame, texts.jointsOf).join('')}</g>`,
    '</svg>\n',
  ].join('\n')
}
