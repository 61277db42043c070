import messages from '../words/en/practice.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
