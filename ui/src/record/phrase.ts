import messages from '../words/en/record.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
