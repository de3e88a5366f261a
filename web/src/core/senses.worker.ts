import * as core from 'rotor-senses'
import { answerFrom } from './answering'

answerFrom(core)
