export { removeFreshDemo as default } from './freshDemo'
