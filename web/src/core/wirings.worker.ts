import * as core from 'rotor-wirings'
import { answerFrom } from './answering'

answerFrom(core)
