import { Dialog } from 'radix-ui'
import { useState, type FormEvent } from 'react'
import type { Schemas } from '../api/client'
import { Button, Field, inputForm, OneOf } from '../parts/controls'
import { Say } from '../parts/words'
import { squareMetres } from './area'
import { phrase } from './phrase'

const roles = ['seat', 'trim', 'grip', 'control', 'screen', 'overhead', 'floor', 'pedal']

/** A panel the layout does not have: its name, what it is for, and how large it is. */
export function AddPanel(props: { onAdd: (panel: Schemas['NewPanel']) => void; onClose: () => void }) {
  const [label, setLabel] = useState('')
  const [role, setRole] = useState('seat')
  const [size, setSize] = useState('')
  const areaM2 = squareMetres(size)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (areaM2 !== undefined) props.onAdd({ label: label.trim(), role, areaM2 })
  }
  return (
    <Dialog.Root open onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-50 max-h-[92dvh] overflow-auto bg-paper p-4 md:inset-auto md:top-1/2 md:left-1/2 md:w-[min(94vw,30rem)] md:-translate-x-1/2 md:-translate-y-1/2"
        >
          <Dialog.Title className="text-head">{phrase('a-panel-of-your-own')}</Dialog.Title>
          <form onSubmit={submit} className="mt-3 grid gap-4">
            <label>
              <Field label={phrase('what-it-is-called')}>
                <input
                  className={inputForm}
                  value={label}
                  onChange={(e) => setLabel(e.target.value)}
                  placeholder={phrase('parcel-shelf')}
                  maxLength={80}
                  required
                />
              </Field>
            </label>
            <OneOf
              label={phrase('what-it-is-for')}
              value={role}
              options={roles.map((value) => ({ value, label: Say(value) }))}
              onChange={setRole}
            />
            <label>
              <Field
                label={phrase('size-m-or-length-width')}
                note={
                  size === '' ? undefined : areaM2 === undefined ? phrase('such-as-0-4-or') : `${areaM2} m²`
                }
              >
                <input
                  className={inputForm}
                  value={size}
                  onChange={(e) => setSize(e.target.value)}
                  placeholder="80 x 50"
                  maxLength={20}
                  required
                />
              </Field>
            </label>
            <div className="flex gap-2">
              <Button type="submit" weight="main" disabled={areaM2 === undefined || label.trim() === ''}>
                {phrase('add-it')}
              </Button>
              <Button onClick={props.onClose}>{phrase('close')}</Button>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
