import { useEffect, useRef } from 'react'
import { draw } from './draw'
import { columns, rows, type HandWork, type Panel } from './model'

/** A panel that is only looked at. */
export function PanelPicture(props: { work: HandWork; panel: Panel; label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    if (canvas.current) draw(canvas.current, props.work, props.panel)
  }, [props.panel, props.work])
  return (
    <canvas
      ref={canvas}
      width={columns * 24}
      height={rows * 24}
      role="img"
      aria-label={props.label}
      className="block aspect-[3/2] w-full rounded-piece border border-line"
    />
  )
}
