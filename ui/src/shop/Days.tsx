const week = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday']
const short = (day: string) => day.charAt(0).toUpperCase() + day.slice(1, 3)

/** Days of the week to pick some of; `not` are picked elsewhere already. */
export function Days(props: {
  label: string
  days: string[] | undefined
  not?: string[]
  onChange: (days: string[] | undefined) => void
  fault?: string
}) {
  const picked = props.days ?? []
  const flip = (day: string) => {
    const now = picked.includes(day) ? picked.filter((d) => d !== day) : [...picked, day]
    props.onChange(now.length === 0 ? undefined : week.filter((d) => now.includes(d)))
  }
  return (
    <fieldset>
      <legend className="narrow mb-1 text-note font-semibold text-faint">{props.label}</legend>
      <div className="flex flex-wrap gap-1">
        {week.map((day) => (
          <button
            key={day}
            type="button"
            aria-label={day}
            aria-pressed={picked.includes(day)}
            disabled={props.not?.includes(day)}
            onClick={() => flip(day)}
            className={`min-h-11 w-12 rounded-piece border font-semibold disabled:opacity-45 ${picked.includes(day) || props.not?.includes(day) ? 'border-needle bg-needle text-on-needle' : 'border-line bg-paper'}`}
          >
            {short(day)}
          </button>
        ))}
      </div>
      {props.fault && <p className="text-note text-over">{props.fault}</p>}
    </fieldset>
  )
}
