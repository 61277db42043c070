import messages from '../words/en/timetable.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
