import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, need } from '../api/client'
import { networkQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { when } from '../parts/words'
import { code, inked } from '../parts/drawn'
import { phrase } from './phrase'

/** Devices of the shop's network: what was let in, and how another one is. */
export function Devices() {
  const client = useQueryClient()
  const network = useQuery(networkQuery)
  const again = () => void client.invalidateQueries({ queryKey: networkQuery.queryKey })
  const invite = useMutation({ mutationFn: () => need(api.POST('/api/v1/network/invites')) })
  const cutOff = useMutation({
    mutationFn: (deviceId: string) =>
      api.DELETE('/api/v1/network/devices/{deviceId}', { params: { path: { deviceId } } }),
    onSuccess: again,
  })
  if (!network.data) return network.error ? <Trouble error={network.error} again={again} /> : null
  const { address, devices } = network.data
  return (
    <section aria-label={phrase('devices')} className="no-print lying grid content-start gap-2 p-3">
      <h2 className="text-do">{phrase('devices')}</h2>
      {address ? (
        <>
          <p className="text-note text-faint">{phrase.drawn('the-shop-is-at', { address, b: inked })}</p>
          <Button className="justify-self-start" disabled={invite.isPending} onClick={() => invite.mutate()}>
            {phrase('let-a-device-in')}
          </Button>
          {invite.error && <Trouble error={invite.error} />}
          {invite.data && (
            <div className="flex flex-wrap items-center gap-4" aria-live="polite">
              <Code
                rows={invite.data.picture}
                label={phrase('qr-code-that-leads-to', { address: invite.data.address })}
              />
              <div className="grid gap-1">
                <p>{phrase('point-its-camera-here-or', { address })}</p>
                <p className="text-clock leading-none tracking-widest">{invite.data.code}</p>
                <p className="text-note text-faint">
                  {phrase('good-for-one-device-until', { expiresAt: when(invite.data.expiresAt) })}
                </p>
              </div>
            </div>
          )}
          {devices.length === 0 ? (
            <p>{phrase('none-let-in-yet')}</p>
          ) : (
            <ul className="divide-y divide-line">
              {devices.map((device) => (
                <li key={device.id} className="flex flex-wrap items-center justify-between gap-3 py-1">
                  <span>
                    <span className="block font-semibold">{device.name}</span>
                    <span className="text-note text-faint">
                      {phrase('last-seen', { seenAt: when(device.seenAt) })}
                    </span>
                  </span>
                  <Button
                    disabled={cutOff.isPending}
                    aria-label={phrase('cut-off-named', { name: device.name })}
                    onClick={() => cutOff.mutate(device.id)}
                  >
                    {phrase('cut-off')}
                  </Button>
                </li>
              ))}
            </ul>
          )}
          {cutOff.error && <Trouble error={cutOff.error} />}
        </>
      ) : (
        <p className="text-note text-faint">{phrase.drawn('attune-listens-on-this-machine', { code })}</p>
      )}
    </section>
  )
}

/** A QR code, dark on light whatever the theme. */
function Code({ rows, label }: { rows: string[]; label: string }) {
  const side = rows.length
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${side} ${side}`}
      className="size-52 bg-white"
      shapeRendering="crispEdges"
    >
      {rows.flatMap((row, y) =>
        [...row].map((dot, x) =>
          dot === '#' ? <rect key={`${x} ${y}`} x={x} y={y} width="1" height="1" fill="black" /> : null,
        ),
      )}
    </svg>
  )
}
