import messages from '../words/en/people.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
