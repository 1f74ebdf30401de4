import {
  type Directive,
  effectScope,
  type EffectScope,
  type ShallowRef,
  shallowRef,
  watchEffect,
} from 'vue'

interface Live {
  readonly say: ShallowRef<() => string | undefined>
  readonly scope: EffectScope
}
const live = new WeakMap<Element, Live>()

/**
 * `v-label="() => labels.value[at]"` keeps an element's text as the getter says. A label changes
 * at every move of a handle; so it alone is written, without a new render of what it stands in.
 */
export const vLabel: Directive<Element, () => string | undefined> = {
  created(element, { value }) {
    const text = element.appendChild(document.createTextNode(''))
    const say = shallowRef(value)
    const scope = effectScope(true)
    scope.run(() => watchEffect(() => (text.nodeValue = say.value() ?? ''), { flush: 'post' }))
    live.set(element, { say, scope })
  },
  beforeUpdate(element, { value }) {
    live.get(element)!.say.value = value
  },
  unmounted(element) {
    live.get(element)?.scope.stop()
    live.delete(element)
  },
}
