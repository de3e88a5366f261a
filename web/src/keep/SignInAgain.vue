<script setup lang="ts">
import { computed } from 'vue'
import { waiting } from './queue'
import { session } from '../session/session'
import SignInForm from '../session/SignInForm.vue'

const count = computed(() => waiting().length)
</script>

<template>
  <el-dialog
    :model-value="true"
    title="Your session has ended"
    :show-close="false"
    :close-on-click-modal="false"
    :close-on-press-escape="false"
    align-center
  >
    <p class="again">
      Nothing is lost.
      <template v-if="count">
        {{ count }}
        {{ count === 1 ? 'entry waits' : 'entries wait' }}
        on this device and will be sent when you have signed in.
      </template>
    </p>
    <SignInForm :known="session.account?.login" />
  </el-dialog>
</template>

<style scoped>
.again {
  margin-bottom: 16px;
}
</style>
