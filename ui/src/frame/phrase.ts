import messages from '../words/en/frame.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
