import { phrase } from './phrase'

/** A trigger bottle filled to its ratio: product below, water above. */
export function Bottle({ share }: { share: number }) {
  const full = 108
  const product = Math.max(3, full * share)
  return (
    <svg
      viewBox="0 0 90 170"
      width="90"
      height="170"
      role="img"
      aria-label={phrase('product-in-a-hundred', { share: Math.round(share * 100) })}
    >
      <path d="M34 8H66L72 20H52V34H38V20H28Z" fill="var(--piece)" stroke="var(--ink)" strokeWidth="1.6" />
      <clipPath id="bottle-body">
        <path d="M38 34H52V42Q78 46 78 66V158Q78 164 72 164H18Q12 164 12 158V66Q12 46 38 42Z" />
      </clipPath>
      <g clipPath="url(#bottle-body)">
        <rect x="0" y="0" width="90" height="170" fill="var(--paper)" />
        <rect x="0" y={164 - full} width="90" height={full} fill="var(--under)" fillOpacity="0.16" />
        <rect x="0" y={164 - product} width="90" height={product} fill="var(--needle)" />
      </g>
      <path
        d="M38 34H52V42Q78 46 78 66V158Q78 164 72 164H18Q12 164 12 158V66Q12 46 38 42Z"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      {[0.25, 0.5, 0.75, 1].map((part) => (
        <path key={part} d={`M12 ${164 - full * part}h9`} stroke="var(--ink)" strokeWidth="1.2" />
      ))}
    </svg>
  )
}
