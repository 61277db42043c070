import messages from '../words/en/api.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
