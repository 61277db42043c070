import messages from '../words/en/day.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
