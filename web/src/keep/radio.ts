import { useOnline } from '@vueuse/core'
import { computed } from 'vue'
import { old } from './answers'
import { queue, waiting } from './queue'

const online = useOnline()

/** Whether the server answered what was asked last, as far as this page knows. */
export const hasRadio = computed(
  () => online.value && old.value === null && !(queue.offline && waiting().length > 0),
)
