import messages from '../words/en/week.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
