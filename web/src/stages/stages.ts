import type { Component } from 'vue'
import type { Call } from '../api/types'
import ChooseStage from '../choose/ChooseStage.vue'
import FitStage from '../fit/FitStage.vue'
import HandOverStage from '../handover/HandOverStage.vue'
import HearStage from '../hear/HearStage.vue'
import DebriefStage from '../practice/DebriefStage.vue'
import ProveStage from '../prove/ProveStage.vue'

export interface Stage {
  /** As in the address. */
  id: string
  title: string
  view: Component
  /** Whether it belongs to a call in a shop, or to one on a simulated motor. */
  service: boolean
  practice: boolean
}

/** The stages of a call, in order. A new one is a line here and a folder of its own. */
const STAGES: Stage[] = [
  { id: 'hear', title: 'Hear', view: HearStage, service: true, practice: false },
  { id: 'prove', title: 'Prove', view: ProveStage, service: true, practice: true },
  { id: 'choose', title: 'Choose', view: ChooseStage, service: true, practice: false },
  { id: 'fit', title: 'Fit', view: FitStage, service: true, practice: false },
  { id: 'hand-over', title: 'Hand over', view: HandOverStage, service: true, practice: false },
  { id: 'debrief', title: 'Look back', view: DebriefStage, service: false, practice: true },
]

export const stagesOf = (call: Call | null) =>
  STAGES.filter((stage) => (call?.practice ? stage.practice : stage.service))

/** The stage with this name, or Prove, where most of the work is done. */
export const stageOf = (call: Call | null, id: string | undefined) =>
  stagesOf(call).find((stage) => stage.id === id) ??
  stagesOf(call).find((stage) => stage.id === 'prove')!
