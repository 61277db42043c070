import { OneOf } from '../parts/controls'
import { phrase } from './phrase'

const answers = [
  { value: 'unsaid', label: phrase('not-said'), hint: phrase('taken-as-the-worst-until') },
  { value: 'no', label: phrase('no') },
  { value: 'yes', label: phrase('yes') },
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
