import { useOnline } from '@vueuse/core'
import { computed } from 'vue'
import { old } from './answers'
import { queue } from './queue'

const online = useOnline()

/** Whether the server answered what was asked last, as far as this page knows. */
export const hasRadio = computed(() => online.value && !queue.offline && old.value === null)
