/** The place of a panel in the order of work, drawn on the cabin sheet. */
export function OrderMark({
  order,
  fits = true,
  size = 1,
}: {
  order: number
  fits?: boolean
  size?: number
}) {
  return (
    <g transform={`scale(${size})`}>
      <circle r="16" fill={fits ? 'var(--paper)' : 'var(--over)'} stroke="var(--ink)" strokeWidth="1" />
      <text
        textAnchor="middle"
        dominantBaseline="central"
        fontSize="19"
        fontWeight="650"
        fill={fits ? 'var(--ink)' : 'var(--paper)'}
      >
        {order}
      </text>
    </g>
  )
}
