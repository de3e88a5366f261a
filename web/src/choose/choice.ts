import { computed, inject, provide, ref, shallowRef, watch } from 'vue'
import type { InjectionKey } from 'vue'
import { request } from '../api/client'
import type { Choice, Dials, Fit, Reason, Route, Way } from '../api/types'
import { useCall } from '../call/call'
import { useDebounced } from '../shared/debounced'
import { getKept } from '../keep/answers'
import { useNewest } from '../shared/newest'

/** Ways that this kind of motor has no use for need not be looked at. */
const NOT_OF_THIS_KIND = ['NO_DRIVE', 'NO_LINK', 'NO_MODULE']

/** The ways that can be gone, in the core's one order, and those that cannot. */
export function sorted(ways: Way[]) {
  const mine = ways.filter(
    (way) => !way.reasons.some((reason) => NOT_OF_THIS_KIND.includes(reason.id)),
  )
  return {
    left: mine.filter((way) => way.state !== 'BLOCKED'),
    blocked: mine.filter((way) => way.state === 'BLOCKED'),
  }
}

/** Motors of the shop's list that would go on this way. */
export const goingOn = (motors: Fit[], route: Route) =>
  motors.filter((one) => one.route === route && one.match.state !== 'NO')

/** What the ways of a call cost, and what turns them; worked out again with every change of it. */
export function openChoice() {
  const { call, choice: workedOut } = useCall()
  const choice = shallowRef<Choice | null>(null)
  const { ask, fault } = useNewest()
  /** What if: other figures than the market's; nothing is kept of them. */
  const dials = ref<Dials>({})
  const turned = computed(() => Object.keys(dials.value).length > 0)
  const path = `/api/calls/${call.value.id}/choice`

  const asServerSays = () =>
    turned.value ? request<Choice>('POST', path, dials.value) : getKept<Choice>(path)

  const load = () =>
    ask(
      () => workedOut(dials.value).catch(asServerSays),
      (answer) => (choice.value = answer),
    )

  watch(call, load, { immediate: true })
  watch(
    dials,
    useDebounced(() => void load(), 80),
    { deep: true },
  )

  return { choice, fault, dials, turned, load }
}

export type OpenChoice = ReturnType<typeof openChoice>
const CHOICE: InjectionKey<OpenChoice> = Symbol('choice')

export function provideChoice(): OpenChoice {
  const open = openChoice()
  provide(CHOICE, open)
  return open
}

/** The choice that the stage stands on; what asks for it is shown once it is read. */
export function useChoice() {
  const open = inject(CHOICE)
  if (!open) throw new Error('no choice is open here')
  return { ...open, choice: computed(() => open.choice.value!) }
}

/** Whether a reason is met by saying so. */
export const isTick = (reason: Reason) => reason.opener?.kind === 'TICK'
