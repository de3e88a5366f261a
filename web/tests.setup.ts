import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach } from 'vitest'

// Specs share their modules: what one mounted must not go on listening to what another changes.
disableAutoUnmount()
enableAutoUnmount(afterEach)
