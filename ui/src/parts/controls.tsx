import { Select as RadixSelect, ToggleGroup } from 'radix-ui'
import { Check, ChevronDown } from 'lucide-react'
import type { ButtonHTMLAttributes, ReactNode } from 'react'
import { Link } from 'react-router'

type Weight = 'main' | 'plain' | 'quiet'

const weights: Record<Weight, string> = {
  main: 'bg-needle text-on-needle border-needle',
  plain: 'bg-paper text-ink border-ink/60',
  quiet: 'bg-transparent text-ink border-transparent underline underline-offset-4 decoration-line',
}

const form =
  'inline-flex min-h-11 items-center justify-center gap-2 rounded-piece border px-4 font-semibold no-underline ' +
  'disabled:cursor-not-allowed disabled:opacity-45'

export function Button({
  weight = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { weight?: Weight }) {
  return <button type="button" className={`${form} ${weights[weight]} ${className}`} {...rest} />
}

export function ButtonLink(props: { to: string; weight?: Weight; className?: string; children: ReactNode }) {
  return (
    <Link to={props.to} className={`${form} ${weights[props.weight ?? 'plain']} ${props.className ?? ''}`}>
      {props.children}
    </Link>
  )
}

export type Option = { value: string; label: ReactNode; hint?: string }

const chip =
  'flex min-h-11 items-center gap-2 rounded-piece border border-line bg-paper px-3 text-left leading-tight ' +
  'data-[state=on]:border-needle data-[state=on]:bg-needle data-[state=on]:text-on-needle data-[state=on]:font-semibold ' +
  'disabled:opacity-45'

/** One of several, shown side by side; picking the picked one again takes it back only where `clearable`. */
export function OneOf(props: {
  label: string
  value: string | undefined
  options: Option[]
  onChange: (value: string) => void
  disabled?: boolean
}) {
  return (
    <Field label={props.label}>
      <ToggleGroup.Root
        type="single"
        aria-label={props.label}
        value={props.value ?? ''}
        onValueChange={(value) => value && props.onChange(value)}
        disabled={props.disabled}
        className="flex flex-wrap gap-1.5"
      >
        {props.options.map((option) => (
          <ToggleGroup.Item key={option.value} value={option.value} title={option.hint} className={chip}>
            {option.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </Field>
  )
}

/** Any of several. */
export function AnyOf(props: {
  label: string
  value: string[]
  options: Option[]
  onChange: (value: string[]) => void
  disabled?: boolean
}) {
  return (
    <Field label={props.label}>
      <ToggleGroup.Root
        type="multiple"
        aria-label={props.label}
        value={props.value}
        onValueChange={props.onChange}
        disabled={props.disabled}
        className="flex flex-wrap gap-1.5"
      >
        {props.options.map((option) => (
          <ToggleGroup.Item key={option.value} value={option.value} title={option.hint} className={chip}>
            {option.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </Field>
  )
}

export function Field({ label, children, note }: { label: string; children: ReactNode; note?: string }) {
  return (
    <div className="grid content-start gap-1">
      <span className="narrow text-note font-semibold text-faint">{label}</span>
      {children}
      {note && <span className="text-note text-faint">{note}</span>}
    </div>
  )
}

/** A list that opens; for long lists. */
export function Pick(props: {
  label: string
  value: string | undefined
  options: Option[]
  onChange: (value: string) => void
  placeholder?: string
  disabled?: boolean
}) {
  return (
    <RadixSelect.Root value={props.value} onValueChange={props.onChange} disabled={props.disabled}>
      <RadixSelect.Trigger
        aria-label={props.label}
        className="flex min-h-11 w-full items-center justify-between gap-2 rounded-piece border border-ink/60 bg-paper px-3 text-left disabled:opacity-45"
      >
        <RadixSelect.Value placeholder={props.placeholder ?? 'Choose'} />
        <ChevronDown size={18} aria-hidden="true" />
      </RadixSelect.Trigger>
      <RadixSelect.Portal>
        <RadixSelect.Content
          position="popper"
          sideOffset={4}
          className="lying z-50 max-h-[60vh] w-[var(--radix-select-trigger-width)] min-w-60 overflow-auto"
        >
          <RadixSelect.Viewport className="p-1">
            {props.options.map((option) => (
              <RadixSelect.Item
                key={option.value}
                value={option.value}
                className="flex min-h-11 cursor-pointer items-center gap-2 rounded-piece px-2 outline-none data-[highlighted]:bg-piece"
              >
                <span className="w-5">
                  <RadixSelect.ItemIndicator>
                    <Check size={16} aria-hidden="true" />
                  </RadixSelect.ItemIndicator>
                </span>
                <RadixSelect.ItemText>{option.label}</RadixSelect.ItemText>
              </RadixSelect.Item>
            ))}
          </RadixSelect.Viewport>
        </RadixSelect.Content>
      </RadixSelect.Portal>
    </RadixSelect.Root>
  )
}

export const inputForm = 'min-h-11 w-full rounded-piece border border-ink/60 bg-paper px-3 text-ink'

/** A number that is saved when the field is left, or on Enter. */
export function NumberField(props: {
  label: string
  value: number | undefined
  min?: number
  max: number
  step?: number
  disabled: boolean
  onSave: (value: number) => void
}) {
  const save = (text: string) => {
    const value = Number(text)
    if (text.trim() !== '' && Number.isFinite(value) && value !== props.value) props.onSave(value)
  }
  return (
    <label>
      <Field label={props.label}>
        <input
          key={props.value}
          type="number"
          min={props.min ?? 0}
          max={props.max}
          step={props.step ?? 1}
          inputMode="decimal"
          className={inputForm}
          defaultValue={props.value}
          disabled={props.disabled}
          onBlur={(e) => save(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && save(e.currentTarget.value)}
        />
      </Field>
    </label>
  )
}
