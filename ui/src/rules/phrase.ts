import messages from '../words/en/rules.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
