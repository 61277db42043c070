import { RadioGroup } from 'radix-ui'
import type { ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { Say, say } from '../parts/words'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

type Rule = Schemas['RuleView']

/** A question, and its schools side by side, each in fair words. */
export function RuleCard(props: {
  rule: Rule
  school: string
  disabled?: boolean
  marks: (school: string) => string[]
  onPick: (school: string) => void
  children?: ReactNode
}) {
  const { rule } = props
  const id = `rule-${rule.key}`
  return (
    <section aria-labelledby={id} className="lying p-3">
      <h3 id={id} className="text-do">
        {rule.question.charAt(0).toUpperCase() + rule.question.slice(1)}?
      </h3>
      <p className="text-note text-faint">{rule.why}</p>
      <RadioGroup.Root
        aria-labelledby={id}
        value={props.school}
        onValueChange={props.onPick}
        disabled={(props.disabled ?? false) || rule.fixed}
        className="mt-2 grid gap-2 sm:grid-cols-[repeat(auto-fit,minmax(14rem,1fr))]"
      >
        {rule.schools.map((s) => {
          const marks = props.marks(s.school)
          return (
            <RadioGroup.Item
              key={s.school}
              value={s.school}
              className="grid min-h-14 content-start gap-0.5 rounded-piece border border-line bg-paper p-2.5 text-left data-[state=checked]:border-needle data-[state=checked]:shadow-[inset_4px_0_0_var(--needle)]"
            >
              <span className="flex flex-wrap items-baseline justify-between gap-x-2">
                <strong>{Say(s.school)}</strong>
                <span className="text-note text-faint">{allOf(marks.map(say))}</span>
              </span>
              <span className="text-note">{s.says}</span>
            </RadioGroup.Item>
          )
        })}
      </RadioGroup.Root>
      {rule.fixed && <p className="mt-1 text-note text-faint">{phrase('fixed-nobody-may-hold')}</p>}
      {props.children}
    </section>
  )
}
