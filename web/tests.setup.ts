import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach } from 'vitest'

// Specs share their modules: what one mounted must not go on listening to what another changes.
// This is run for each spec, and may be asked for only once: so it is taken back first.
disableAutoUnmount()
enableAutoUnmount(afterEach)
