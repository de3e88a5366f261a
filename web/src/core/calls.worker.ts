import * as core from 'rotor-calls'
import { answerFrom } from './answering'

answerFrom(core)
