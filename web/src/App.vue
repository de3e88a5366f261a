<script setup lang="ts">
import SignInAgain from './session/SignInAgain.vue'
import { session } from './session/session'
</script>

<template>
  <router-view />
  <SignInAgain v-if="session.ended" />
</template>
