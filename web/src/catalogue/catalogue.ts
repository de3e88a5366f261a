import { shallowRef } from 'vue'
import { get } from '../api/client'
import type { Catalogue, Check, Fact } from '../api/types'

/** The words and rules of the core, fetched once a page. */
export const catalogue = shallowRef<Catalogue | null>(null)

let loading: Promise<void> | null = null

export function loadCatalogue(): Promise<void> {
  loading ??= get<Catalogue>('/api/catalogue')
    .then((loaded) => {
      catalogue.value = loaded
    })
    .catch((fault) => {
      loading = null
      throw fault
    })
  return loading
}

function title(words: { id: string; title: string }[] | undefined, id: string | undefined): string {
  return words?.find((word) => word.id === id)?.title ?? id ?? ''
}

export const suspectTitle = (id: string | undefined) => title(catalogue.value?.suspects, id)
export const symptomTitle = (id: string | undefined) => title(catalogue.value?.symptoms, id)
export const familyTitle = (id: string | undefined) => title(catalogue.value?.families, id)
export const unitKindTitle = (id: string | undefined) => title(catalogue.value?.unitKinds, id)
export const routeTitle = (id: string | undefined) => title(catalogue.value?.routes, id)

export function checksOf(family: string): Check[] {
  return catalogue.value?.families.find((one) => one.id === family)?.checks ?? []
}

export function factOf(id: string): Fact | undefined {
  return catalogue.value?.facts[id]
}

export function stateOf(id: string) {
  return catalogue.value?.states.find((state) => state.id === id)
}
