import { phrase } from './phrase'

/** Something to go to or to do, by its name. */
export type Command = { title: string; to: string; also?: string }

/** What can be done anywhere. */
export const everywhere: Command[] = [
  { title: phrase('day'), to: '/', also: phrase('today-what-now') },
  { title: phrase('week'), to: '/week', also: phrase('load-hours-calendar') },
  { title: phrase('new-job'), to: '/new', also: phrase('take-a-car-in-book') },
  { title: phrase('new-customer'), to: '/customers/new' },
  { title: phrase('new-vehicle'), to: '/vehicles/new', also: phrase('car-boat-aircraft') },
  { title: phrase('new-product'), to: '/shelf/products/new', also: phrase('bottle-cleaner') },
  { title: phrase('new-tool-or-cloth'), to: '/shelf/tools/new', also: phrase('brush-pad') },
  { title: phrase('people-and-vehicles'), to: '/people', also: phrase('customers-fleets') },
  { title: phrase('shelf'), to: '/shelf', also: phrase('products-tools-labels-bring-in') },
  { title: phrase('finishes-and-what-they-stand'), to: '/finishes', also: phrase('leather-vinyl-ph-limits') },
  { title: phrase('house-rules'), to: '/rules', also: 'schools' },
  { title: phrase('read-a-cloth'), to: '/cloth', also: phrase('colour-dye-white-cloth') },
  { title: phrase('mix-a-bottle'), to: '/mix', also: phrase('dilute-label') },
  { title: phrase('practice'), to: '/practice', also: phrase('lessons-train-learn-test-model') },
  { title: phrase('shop-settings'), to: '/shop', also: phrase('hours-prices-levels-papers') },
]

/** What can be done with a job. */
export const inJob = (id: string): Command[] =>
  [
    { title: phrase('survey-the-cabin'), to: 'survey', also: phrase('findings-photos-air') },
    { title: phrase('match'), to: 'match', also: phrase('ladder-rack-treatment') },
    { title: phrase('compare-all-panels'), to: 'matrix', also: 'table' },
    { title: phrase('mix-for-this-job'), to: 'mix', also: phrase('bottles-dilution') },
    { title: phrase('times'), to: 'timetable', also: phrase('walk-promise-who-does-it') },
    { title: phrase('sections'), to: 'sections', also: phrase('window-air') },
    { title: phrase('quote'), to: 'quote', also: phrase('price-level') },
    { title: phrase('work-at-the-bench'), to: 'bench', also: phrase('start-clock-step') },
    { title: phrase('hand-over'), to: 'handover', also: phrase('report-pdf') },
    { title: phrase('after-care'), to: 'care', also: phrase('calendar-next-visit') },
    { title: phrase('record'), to: 'record', also: phrase('what-was-done-correct') },
    { title: phrase('house-rules-of-this-job'), to: 'rules', also: 'schools' },
  ].map((command) => ({ ...command, to: `/jobs/${id}/${command.to}` }))

/** Those a word fits, by name or by what they are also called. */
export const fitting = (commands: Command[], word: string) => {
  const low = word.toLowerCase()
  return commands.filter((c) => `${c.title} ${c.also ?? ''}`.toLowerCase().includes(low))
}
