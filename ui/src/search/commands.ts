/** Something to go to or to do, by its name. */
export type Command = { title: string; to: string; also?: string }

/** What can be done anywhere. */
export const everywhere: Command[] = [
  { title: 'Day', to: '/', also: 'today, what now' },
  { title: 'Week', to: '/week', also: 'load, hours, calendar' },
  { title: 'New job', to: '/new', also: 'take a car in, book' },
  { title: 'New customer', to: '/customers/new' },
  { title: 'New vehicle', to: '/vehicles/new', also: 'car, boat, aircraft' },
  { title: 'New product', to: '/shelf/products/new', also: 'bottle, cleaner' },
  { title: 'New tool or cloth', to: '/shelf/tools/new', also: 'brush, pad' },
  { title: 'People and vehicles', to: '/people', also: 'customers, fleets' },
  { title: 'Shelf', to: '/shelf', also: 'products, tools, labels, bring in' },
  { title: 'Finishes and what they stand', to: '/finishes', also: 'leather, vinyl, pH, limits' },
  { title: 'House rules', to: '/rules', also: 'schools' },
  { title: 'Read a cloth', to: '/cloth', also: 'colour, dye, white cloth' },
  { title: 'Mix a bottle', to: '/mix', also: 'dilute, label' },
  { title: 'Practice', to: '/practice', also: 'lessons, train, learn, test, model panel' },
  { title: 'Shop settings', to: '/shop', also: 'hours, prices, levels, papers, backup, language' },
]

/** What can be done with a job. */
export const inJob = (id: string): Command[] =>
  [
    { title: 'Survey the cabin', to: 'survey', also: 'findings, photos, air' },
    { title: 'Match', to: 'match', also: 'ladder, rack, treatment' },
    { title: 'Compare all panels', to: 'matrix', also: 'table' },
    { title: 'Mix for this job', to: 'mix', also: 'bottles, dilution' },
    { title: 'Times', to: 'timetable', also: 'walk, promise, who does it, print' },
    { title: 'Sections', to: 'sections', also: 'window, air' },
    { title: 'Quote', to: 'quote', also: 'price, level' },
    { title: 'Work at the bench', to: 'bench', also: 'start, clock, step' },
    { title: 'Hand over', to: 'handover', also: 'report, PDF' },
    { title: 'After-care', to: 'care', also: 'calendar, next visit' },
    { title: 'Record', to: 'record', also: 'what was done, correct' },
    { title: 'House rules of this job', to: 'rules', also: 'schools' },
  ].map((command) => ({ ...command, to: `/jobs/${id}/${command.to}` }))

/** Those a word fits, by name or by what they are also called. */
export const fitting = (commands: Command[], word: string) => {
  const low = word.toLowerCase()
  return commands.filter((c) => `${c.title} ${c.also ?? ''}`.toLowerCase().includes(low))
}
