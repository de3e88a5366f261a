import { shallowRef } from 'vue'
import { getKept } from '../keep/answers'
import type { Catalogue, Check, Fact, SettingsInForce, Terminal } from '../api/types'
import { shopZone } from '../shared/time'

/** The words and rules of the core, fetched once a page. */
export const catalogue = shallowRef<Catalogue | null>(null)

let loading: Promise<void> | null = null

/** Also in which zone the shop tells its times; nothing waits for that. */
export function loadCatalogue(): Promise<void> {
  loading ??= getKept<Catalogue>('/api/catalogue')
    .then((loaded) => {
      catalogue.value = loaded
      getKept<SettingsInForce>('/api/shop/settings')
        .then((inForce) => {
          shopZone.value = inForce.settings.timeZone
        })
        .catch(() => {})
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

/** What is asked of a plate, where it is no number. */
export const plateQuestion = (path: string) =>
  catalogue.value?.plateQuestions.find((one) => one.path === path)

export const suspectTitle = (id: string | undefined) => title(catalogue.value?.suspects, id)
export const actionTitle = (id: string | undefined) => title(catalogue.value?.actions, id)
export const photoTitle = (id: string | undefined) => title(catalogue.value?.photos, id)
export const signalTitle = (id: string | undefined) => title(catalogue.value?.signals, id)
export const symptomTitle = (id: string | undefined) => title(catalogue.value?.symptoms, id)
export const familyTitle = (id: string | undefined) => title(catalogue.value?.families, id)
export const unitKindTitle = (id: string | undefined) =>
  title(plateQuestion('unit.kind')?.words, id)
export const routeTitle = (id: string | undefined) => title(catalogue.value?.routes, id)

export const familyOf = (family: string) =>
  catalogue.value?.families.find((one) => one.id === family)

/** The checks of the first of these families that each of the others has as well. */
export function checksOf([first, ...others]: string[]): Check[] {
  const shared = others.map((one) => new Set(familyOf(one)?.checks.map(({ id }) => id)))
  return (familyOf(first ?? '')?.checks ?? []).filter((check) =>
    shared.every((ids) => ids.has(check.id)),
  )
}

/** What a station is called on this family's chain; what lies outside it, by its usual name. */
export const stationTitle = (family: string, id: string | undefined) =>
  title([...(familyOf(family)?.stations ?? []), ...(catalogue.value?.suspects ?? [])], id)

export const terminalsOf = (family: string): Terminal[] => familyOf(family)?.terminals ?? []

/** The two terminals that a fact is read between: red tip, black tip. */
export const probesOf = (family: string, fact: string): string[] =>
  (familyOf(family)?.probes as Record<string, string[]> | undefined)?.[fact] ?? []

export function factOf(id: string): Fact | undefined {
  return catalogue.value?.facts[id]
}

export function stateOf(id: string) {
  return catalogue.value?.states.find((state) => state.id === id)
}
