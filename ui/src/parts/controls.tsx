import { Select as RadixSelect, ToggleGroup } from 'radix-ui'
import { Check, ChevronDown, CircleHelp } from 'lucide-react'
import { type Option } from './choices'
import { useId, useState, type ButtonHTMLAttributes, type ReactNode } from 'react'
import { Link } from 'react-router'
import { phrase } from './phrase'

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

const chip =
  'flex min-h-11 items-center gap-2 rounded-piece border border-line bg-paper px-3 text-left leading-tight ' +
  'data-[state=on]:border-needle data-[state=on]:bg-needle data-[state=on]:text-on-needle data-[state=on]:font-semibold ' +
  'disabled:opacity-45'

/** One of several, shown side by side; picking the picked one again takes it back only where `clearable`. */
export function OneOf<T extends string>(props: {
  label: string
  value: T | undefined
  options: Option<T>[]
  onChange: (value: T) => void
  disabled?: boolean
}) {
  return (
    <HelpedField label={props.label} options={props.options} picked={props.value ? [props.value] : []}>
      <ToggleGroup.Root
        type="single"
        aria-label={props.label}
        value={props.value ?? ''}
        onValueChange={(value) => value && props.onChange(value as T)}
        disabled={props.disabled}
        className="flex flex-wrap gap-1.5"
      >
        {props.options.map((option) => (
          <ToggleGroup.Item key={option.value} value={option.value} className={chip}>
            {option.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </HelpedField>
  )
}

/** Any of several. */
export function AnyOf<T extends string>(props: {
  label: string
  value: T[]
  options: Option<T>[]
  onChange: (value: T[]) => void
  disabled?: boolean
}) {
  return (
    <HelpedField label={props.label} options={props.options} picked={props.value}>
      <ToggleGroup.Root
        type="multiple"
        aria-label={props.label}
        value={props.value}
        onValueChange={(value) => props.onChange(value as T[])}
        disabled={props.disabled}
        className="flex flex-wrap gap-1.5"
      >
        {props.options.map((option) => (
          <ToggleGroup.Item key={option.value} value={option.value} className={chip}>
            {option.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </HelpedField>
  )
}

/** A field whose choices have a line of help each: of the picked ones it is shown, of all on asking. */
function HelpedField(props: { label: string; options: Option[]; picked: string[]; children: ReactNode }) {
  const [open, setOpen] = useState(false)
  const id = useId()
  const helped = props.options.filter((o) => o.hint)
  const shown = open ? helped : helped.filter((o) => props.picked.includes(o.value))
  return (
    <div className="grid content-start gap-1">
      <span className="flex items-end justify-between gap-2">
        <span className="narrow text-note font-semibold text-faint">{props.label}</span>
        {helped.length > 0 && (
          <button
            type="button"
            aria-expanded={open}
            aria-controls={id}
            aria-label={phrase('what-is-meant', { label: props.label })}
            onClick={() => setOpen(!open)}
            className="-my-2 inline-flex min-h-11 min-w-11 items-center justify-center text-faint"
          >
            <CircleHelp size={18} aria-hidden="true" />
          </button>
        )}
      </span>
      {props.children}
      <ul id={id} className="grid gap-0.5 text-note text-faint">
        {shown.map((o) => (
          <li key={o.value}>
            {(open || shown.length > 1) && <strong className="font-semibold text-ink">{o.label}: </strong>}
            {o.hint}
          </li>
        ))}
      </ul>
    </div>
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
export function Pick<T extends string>(props: {
  label: string
  value: T | undefined
  options: Option<T>[]
  onChange: (value: T) => void
  placeholder?: string
  disabled?: boolean
}) {
  return (
    <RadixSelect.Root
      value={props.value}
      onValueChange={(value) => props.onChange(value as T)}
      disabled={props.disabled}
    >
      <RadixSelect.Trigger
        aria-label={props.label}
        className="flex min-h-11 w-full items-center justify-between gap-2 rounded-piece border border-ink/60 bg-paper px-3 text-left disabled:opacity-45"
      >
        <RadixSelect.Value placeholder={props.placeholder ?? phrase('choose')} />
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
                <span className="grid">
                  <RadixSelect.ItemText>{option.label}</RadixSelect.ItemText>
                  {option.hint && <span className="text-note text-faint">{option.hint}</span>}
                </span>
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

/** A line of text, or several. */
export function TextField(props: {
  label: string
  value: string
  onChange: (value: string) => void
  note?: string
  fault?: string
  lines?: number
  maxLength?: number
  type?: 'text' | 'email' | 'tel' | 'date' | 'time' | 'datetime-local' | 'url'
  inputMode?: 'numeric' | 'decimal'
  placeholder?: string
  required?: boolean
  disabled?: boolean
}) {
  const { label, value, onChange, note, fault, lines, ...rest } = props
  const common = {
    value,
    className: inputForm,
    'aria-invalid': fault ? true : undefined,
    autoComplete: 'off',
    ...rest,
  }
  return (
    <label>
      <Field label={label} note={note}>
        {lines ? (
          <textarea
            {...common}
            rows={lines}
            className={`${inputForm} py-2`}
            onChange={(e) => onChange(e.target.value)}
          />
        ) : (
          <input {...common} onChange={(e) => onChange(e.target.value)} />
        )}
        {fault && <span className="text-note text-over">{fault}</span>}
      </Field>
    </label>
  )
}

/** Yes or no, in one line to tap. */
export function Tick(props: {
  label: ReactNode
  checked: boolean
  onChange: (checked: boolean) => void
  disabled?: boolean
}) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input
        type="checkbox"
        className="size-6 shrink-0 accent-needle"
        checked={props.checked}
        disabled={props.disabled}
        onChange={(e) => props.onChange(e.target.checked)}
      />
      {props.label}
    </label>
  )
}
