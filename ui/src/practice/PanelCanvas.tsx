import { useEffect, useMemo, useRef } from 'react'
import { lookOf, paint, type Look } from './draw'
import { columns, rows, type HandWork, type Panel } from './model'

/** A panel that is only looked at. */
export function PanelPicture(props: { work: HandWork; panel: Panel; label: string }) {
  const look = useMemo(() => lookOf(props.work, props.panel), [props.panel, props.work])
  return <Painted look={look} label={props.label} />
}

/** Any surface, painted. */
export function Painted({ look, label }: { look: Look; label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    if (canvas.current) paint(canvas.current, look)
  }, [look])
  return (
    <canvas
      ref={canvas}
      width={columns * 24}
      height={rows * 24}
      role="img"
      aria-label={label}
      className="block aspect-[3/2] w-full rounded-piece border border-line"
    />
  )
}
