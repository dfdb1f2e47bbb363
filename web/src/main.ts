import { createApp } from 'vue'
import { createBootstrap } from 'bootstrap-vue-next/plugins/createBootstrap'
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css'
import 'bootstrap-vue-next/dist/bootstrap-vue-next.css'
import './styles/app.scss'
import './stores/theme'
import App from './App.vue'
import { router } from './router'

createApp(App).use(createBootstrap()).use(router).mount('#app')
