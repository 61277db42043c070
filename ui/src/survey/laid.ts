import type { Schemas } from '../api/client'

type JobFile = Schemas['JobFile']
type Surface = Schemas['SurfaceFile']

const conditionFields = [
  'soil',
  'soils',
  'wear',
  'feel',
  'nap',
  'perforations',
  'damage',
  'stainAgeDays',
  'sheenGu',
] as const
const surfaceFields = [
  'label',
  'areaM2',
  'seamM',
  'finish',
  'perforated',
  'texture',
  'tone',
  'ageMonths',
  'features',
  'near',
] as const

const given = (finding: Schemas['Finding'], fields: readonly (keyof Schemas['Finding'])[]) =>
  Object.fromEntries(fields.filter((f) => finding[f] !== undefined).map((f) => [f, finding[f]]))

/** The document as it will look once the server has laid the finding; for showing it at once. */
export function laid(
  document: JobFile,
  panels: Schemas['Panel'][],
  request: Schemas['FindingRequest'],
): JobFile {
  const { surfaceIds, finding } = request
  const kept = document.surfaces.filter((s) => !surfaceIds.includes(s.id))
  if (finding.cleared) return { ...document, surfaces: kept }
  const touched = surfaceIds.flatMap((id): Surface[] => {
    const panel = panels.find((p) => p.id === id)
    const known = document.surfaces.find((s) => s.id === id) ?? fromPanel(panel)
    if (!known) return []
    const before = finding.usual && panel ? usual(known, panel) : known
    return [
      {
        ...before,
        ...given(finding, surfaceFields),
        condition: { ...before.condition, ...given(finding, conditionFields) },
      },
    ]
  })
  return { ...document, surfaces: [...kept, ...touched] }
}

/** Gaps answered with what is usual on a panel; what is known stays. */
function usual(s: Surface, panel: Schemas['Panel']): Surface {
  const likely = <F extends 'soil' | 'wear'>(field: F) =>
    panel.likely.find((l) => l.field === field)?.value as Surface['condition'][F]
  const { soil, wear } = s.condition
  return {
    ...s,
    finish: s.finish ?? panel.guess,
    condition: { ...s.condition, soil: soil ?? likely('soil'), wear: wear ?? likely('wear') },
  }
}

function fromPanel(panel: Schemas['Panel'] | undefined): Surface | undefined {
  if (!panel) return undefined
  const { id, zone, part, texture, tone, areaM2, seamM, role, features, near } = panel
  return { id, zone, part, texture, tone, areaM2, seamM, role, features, near, condition: {} }
}
