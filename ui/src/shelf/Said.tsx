import { OneOf } from '../parts/controls'

const answers = [
  { value: 'unsaid', label: 'Not said', hint: 'Taken as the worst until it is' },
  { value: 'no', label: 'No' },
  { value: 'yes', label: 'Yes' },
]

/** A fact that may also be not known, which is not the same as no. */
export function Said(props: {
  label: string
  value: boolean | undefined
  onChange: (value: boolean | undefined) => void
}) {
  return (
    <OneOf
      label={props.label}
      value={props.value === undefined ? 'unsaid' : props.value ? 'yes' : 'no'}
      options={answers}
      onChange={(said) => props.onChange(said === 'unsaid' ? undefined : said === 'yes')}
    />
  )
}
