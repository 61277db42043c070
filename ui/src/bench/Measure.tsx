import { useMutation } from '@tanstack/react-query'
import { Gauge } from 'lucide-react'
import { api, need } from '../api/client'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import type { BenchTask } from './run'
import { measured } from '../parts/words'
import { phrase } from './phrase'

/** Reads an instrument on the panels of a step and says what it shows. */
export function Measure(props: { jobId: string; task: BenchTask; instrument: 'moisture' | 'gloss' }) {
  const { task, instrument } = props
  const read = useMutation({
    mutationFn: () =>
      Promise.all(
        task.surfaceIds.map((surfaceId) =>
          need(
            api.POST('/api/v1/jobs/{id}/readings', {
              params: { path: { id: props.jobId } },
              body: { instrument, surfaceId },
            }),
          ),
        ),
      ),
  })
  const values = (read.data ?? []).flatMap((r) => r.value ?? [])
  const one = read.data?.length === 1 ? read.data[0] : undefined
  return (
    <div className="grid gap-1">
      <Button className="min-h-14 justify-self-start" disabled={read.isPending} onClick={() => read.mutate()}>
        <Gauge size={20} aria-hidden="true" />
        {instrument === 'moisture' ? phrase('read-the-moisture-meter') : phrase('read-the-sheen')}
      </Button>
      {values.length > 0 && (
        <p role="status" className="text-do font-semibold">
          {values.length === 1
            ? measured(values[0]!, one?.unit)
            : phrase('to-of-100-on-panels', {
                low: Math.min(...values),
                high: Math.max(...values),
                values: values.length,
              })}
        </p>
      )}
      {one?.says && <p>{one.says}</p>}
      {one?.notYet && <p className="font-semibold text-care">{one.notYet}</p>}
      {read.error && <Trouble error={read.error} />}
    </div>
  )
}
