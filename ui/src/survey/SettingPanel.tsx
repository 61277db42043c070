import type { Schemas } from '../api/client'
import { type Option } from '../parts/choices'
import { AnyOf, Field, inputForm, NumberField, OneOf } from '../parts/controls'
import { degrees, distances, Say } from '../parts/words'
import * as found from './findingWords'
import { phrase } from './phrase'

type Change = Schemas['JobChange']
type Part = {
  setting: Schemas['SettingFile']
  wishes: Schemas['WishesFile'] | undefined
  disabled: boolean
  set: (part: Partial<Schemas['SettingFile']>) => void
  wish: (part: Schemas['WishesFile']) => void
}

const words = <T extends string>(...codes: T[]): Option<T>[] =>
  codes.map((value) => ({ value, label: Say(value) }))

/** Where and in what air the job is done, and what is wished: shown while no panel is picked. */
export function SettingPanel(props: {
  job: Schemas['JobDetail']
  disabled: boolean
  onChange: (change: Change) => void
}) {
  const { job, disabled, onChange } = props
  const { setting, wishes } = job.document
  // only what was changed: what somebody else changed meanwhile stays
  const set = (part: Partial<Schemas['SettingFile']>) => onChange({ setting: part as Schemas['SettingFile'] })
  const wish = (part: Schemas['WishesFile']) => onChange({ wishes: part })
  const part: Part = { setting, wishes, disabled, set, wish }
  return (
    <div className="lying grid gap-4 p-3">
      <div>
        <h2 className="text-do">{phrase('pick-a-panel-to-write')}</h2>
        <p className="text-note text-faint">{phrase('tap-one-or-several-with')}</p>
      </div>
      <PlaceAndAir {...part} />
      <Received {...part} />
      <Wished {...part} />
    </div>
  )
}

/** Where the job is done, in what air, and from when to when. */
function PlaceAndAir({ setting, disabled, set }: Part) {
  const air = degrees()
  const far = distances()
  return (
    <>
      <div className="grid gap-4 lg:grid-cols-2">
        <OneOf
          label={phrase('place')}
          value={setting.place ?? 'studio'}
          options={words('studio', 'mobile')}
          disabled={disabled}
          onChange={(place) => set({ place })}
        />
        <OneOf
          label={phrase('sun-on-the-surfaces')}
          value={setting.sun ?? 'none'}
          options={words('none', 'through-glass', 'direct')}
          disabled={disabled}
          onChange={(sun) => set({ sun })}
        />
      </div>
      {setting.place === 'mobile' && (
        <NumberField
          label={phrase('there-and-back', { unit: far.unit })}
          value={setting.travelKm == null ? undefined : far.shown(setting.travelKm)}
          min={0}
          max={far.shown(2000)}
          disabled={disabled}
          onSave={(distance) => set({ travelKm: far.read(distance) })}
        />
      )}
      <div className="grid grid-cols-3 gap-3">
        <NumberField
          label={phrase('air', { unit: air.unit })}
          value={air.shown(setting.airTempC ?? 20)}
          min={air.shown(-20)}
          max={air.shown(50)}
          disabled={disabled}
          onSave={(value) => set({ airTempC: air.read(value) })}
        />
        <NumberField
          label={phrase('humidity')}
          value={Math.round((setting.relativeHumidity ?? 0.5) * 100)}
          min={0}
          max={100}
          disabled={disabled}
          onSave={(percent) => set({ relativeHumidity: percent / 100 })}
        />
        <NumberField
          label={phrase('draught-m-s')}
          value={setting.airSpeedMs ?? 0.1}
          min={0}
          max={10}
          step={0.1}
          disabled={disabled}
          onSave={(airSpeedMs) => set({ airSpeedMs })}
        />
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <Moment
          label={phrase('work-starts')}
          value={setting.start}
          disabled={disabled}
          onSave={(start) => set({ start })}
        />
        <Moment
          label={phrase('promised-back')}
          optional
          value={setting.returnBy}
          disabled={disabled}
          onSave={(returnBy) => set({ returnBy })}
        />
      </div>
    </>
  )
}

/** How the car came in. */
function Received({ setting, disabled, set }: Part) {
  return (
    <>
      <AnyOf
        label={phrase('seen-when-it-came-in')}
        value={setting.faults ?? []}
        options={found.faults}
        disabled={disabled}
        onChange={(faults) => set({ faults })}
      />
      <OneOf
        label={phrase('child-seat')}
        value={setting.childSeat}
        options={found.childSeats}
        disabled={disabled}
        onChange={(childSeat) => set({ childSeat })}
      />
    </>
  )
}

/** What is wished, and what the car will have to stand. */
function Wished({ setting, wishes, disabled, set, wish }: Part) {
  return (
    <>
      <AnyOf
        label={phrase('to-be-avoided-in-this')}
        value={wishes?.avoid ?? []}
        options={found.avoids}
        disabled={disabled}
        onChange={(avoid) => wish({ avoid })}
      />
      <OneOf
        label={phrase('climate-the-car-lives-in')}
        value={setting.climate ?? 'temperate'}
        options={words('temperate', 'hot', 'cold-wet')}
        disabled={disabled}
        onChange={(climate) => set({ climate })}
      />
      <OneOf
        label={phrase('standard')}
        value={wishes?.standard ?? 'thorough'}
        options={words('tidy', 'thorough', 'exacting')}
        disabled={disabled}
        onChange={(standard) => wish({ standard })}
      />
      <OneOf
        label={phrase('sheen')}
        value={wishes?.sheen ?? 'matt'}
        options={words('matt', 'satin', 'gloss')}
        disabled={disabled}
        onChange={(sheen) => wish({ sheen })}
      />
      <OneOf
        label={phrase('protection-wanted-at-most')}
        value={wishes?.protection ?? 'none'}
        options={words('none', 'dressing', 'barrier', 'coating')}
        disabled={disabled}
        onChange={(protection) => wish({ protection })}
      />
    </>
  )
}

function Moment(props: {
  label: string
  /** May be emptied again. */
  optional?: boolean
  value: string | undefined
  disabled: boolean
  onSave: (value: string) => void
}) {
  const shown = props.value?.slice(0, 16)
  return (
    <label>
      <Field label={props.label}>
        <input
          key={shown}
          type="datetime-local"
          className={inputForm}
          defaultValue={shown}
          disabled={props.disabled}
          onBlur={(e) => {
            const { value } = e.target
            if (value !== (shown ?? '') && (value || props.optional)) props.onSave(value)
          }}
        />
      </Field>
    </label>
  )
}
