import messages from '../words/en/survey.json'
import { phrases } from '../words/phrases'

export const phrase = phrases(messages)
