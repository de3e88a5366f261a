import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css'
import 'element-plus/theme-chalk/base.css'
import './theme/tokens.css'
import './theme/element.css'
import './theme/base.css'
import { createApp } from 'vue'
import App from './App.vue'
import { keepTheDay } from './day/day'
import { router } from './router'
import { applyTheme } from './theme/theme'

applyTheme()
// Elsewhere a browser makes no ids, keeps nothing without a radio and lends no camera.
if (window.isSecureContext) {
  createApp(App).use(router).mount('#app')
  void keepTheDay()
} else {
  const words = document.createElement('p')
  words.className = 'page'
  words.role = 'alert'
  words.textContent =
    'This address is not protected (http), so the browser cannot keep what you enter. Open Variable' +
    ' Rotor on the machine that it runs on, at 127.0.0.1, or over https.'
  document.getElementById('app')!.append(words)
}
