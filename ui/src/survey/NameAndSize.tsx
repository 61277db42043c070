import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Button, Field, inputForm } from '../parts/controls'
import { metres, squareMetresShown } from '../parts/words'
import { squareMetres } from './area'
import type { Finding } from './useFindings'
import { phrase } from './phrase'

/** What one panel is called and how large it is; for renaming and for areas measured on the car. */
export function NameAndSize(props: {
  label: string
  surface: Schemas['SurfaceFile'] | undefined
  panel: Schemas['Panel']
  onFinding: (finding: Finding) => void
}) {
  const { label, surface, panel, onFinding } = props
  const area = surface?.areaM2 ?? panel.areaM2
  const seam = surface?.seamM ?? panel.seamM
  const [name, setName] = useState(label)
  const [size, setSize] = useState(String(area))
  const [seams, setSeams] = useState(String(seam))
  const areaM2 = squareMetres(size)
  const seamM = Number(seams.replace(',', '.'))
  const seamFits = seams.trim() !== '' && seamM >= 0 && seamM <= 200
  const save = () =>
    onFinding({
      label: name.trim() && name.trim() !== label ? name.trim() : undefined,
      areaM2: areaM2 !== area ? areaM2 : undefined,
      seamM: seamM !== seam ? seamM : undefined,
    })
  return (
    <details className="border-t border-line pt-2">
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
        {phrase('name-and-size-of-seam', { area: squareMetresShown(area), seam: metres(seam) })}
      </summary>
      <div className="grid gap-3 sm:grid-cols-3">
        <label>
          <Field label={phrase('name')}>
            <input
              className={inputForm}
              value={name}
              maxLength={80}
              onChange={(e) => setName(e.target.value)}
            />
          </Field>
        </label>
        <label>
          <Field label={phrase('m-or-cm-cm')}>
            <input
              className={inputForm}
              value={size}
              maxLength={20}
              onChange={(e) => setSize(e.target.value)}
            />
          </Field>
        </label>
        <label>
          <Field label={phrase('seams-m')}>
            <input
              className={inputForm}
              value={seams}
              inputMode="decimal"
              maxLength={6}
              onChange={(e) => setSeams(e.target.value)}
            />
          </Field>
        </label>
      </div>
      {size.trim() !== '' && areaM2 === undefined && (
        <p role="alert" className="mt-1 text-note text-over">
          {phrase('size-such-as-0-4')}
        </p>
      )}
      <Button className="mt-2" onClick={save} disabled={areaM2 === undefined || !seamFits}>
        {phrase('save-name-and-size')}
      </Button>
    </details>
  )
}
