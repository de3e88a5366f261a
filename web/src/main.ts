import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css'
import 'element-plus/theme-chalk/base.css'
import './theme/tokens.css'
import './theme/element.css'
import './theme/base.css'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { applyTheme } from './theme/theme'

applyTheme()
createApp(App).use(router).mount('#app')
