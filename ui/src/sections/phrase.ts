import messages from '../words/en/sections.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
