import { definePreset } from '@primeuix/themes'
import Aura from '@primeuix/themes/aura'

/** Shades of one hue, from the palest to the darkest, as the theme wants them. */
const shades = (...colours: string[]) =>
  Object.fromEntries(
    [50, 100, 200, 300, 400, 500, 600, 700, 800, 900, 950].map((shade, at) => [shade, colours[at]]),
  )

const jade = shades(
  '#eef6f2',
  '#d6eae2',
  '#aed6c7',
  '#7dbca7',
  '#4c9c85',
  '#2b806b',
  '#1d6857',
  '#185447',
  '#15443a',
  '#123830',
  '#08211c',
)
const ivory = shades(
  '#fdfaf2',
  '#f6f0e2',
  '#ebe2cf',
  '#dbcfb8',
  '#a3967f',
  '#72685b',
  '#645a50',
  '#524a42',
  '#403a35',
  '#2b2623',
  '#191614',
)

/** From the palest to the darkest: ink on paper by lamplight. */
const night = shades(
  '#efe6d6',
  '#d5c9b6',
  '#b9ad9c',
  '#988c7c',
  '#7a6f62',
  '#5d544a',
  '#4a423a',
  '#3a332d',
  '#2b2621',
  '#221e1a',
  '#191613',
)

/** The look of the controls: ivory paper, dark ink, jade for what can be acted on. */
export const preset = definePreset(Aura, {
  semantic: {
    primary: jade,
    colorScheme: {
      dark: {
        surface: { 0: '#f4ecdc', ...night },
        primary: {
          color: '{primary.300}',
          contrastColor: '#102019',
          hoverColor: '{primary.200}',
          activeColor: '{primary.100}',
        },
        text: {
          color: '#efe6d6',
          hoverColor: '#fffaf0',
          mutedColor: '#b9ad9c',
          hoverMutedColor: '#d5c9b6',
        },
        formField: { placeholderColor: '#b9ad9c', floatLabelColor: '#b9ad9c' },
        highlight: {
          background: '{primary.900}',
          focusBackground: '{primary.800}',
          color: '{primary.100}',
          focusColor: '{primary.50}',
        },
      },
      light: {
        surface: { 0: '#fffdf8', ...ivory },
        primary: {
          color: '{primary.600}',
          contrastColor: '#ffffff',
          hoverColor: '{primary.700}',
          activeColor: '{primary.800}',
        },
        text: {
          color: '#2a2522',
          hoverColor: '#191614',
          mutedColor: '#6f655a',
          hoverMutedColor: '#574f47',
        },
        highlight: {
          background: '{primary.100}',
          focusBackground: '{primary.200}',
          color: '{primary.900}',
          focusColor: '{primary.950}',
        },
      },
    },
    focusRing: { width: '2px', style: 'solid', color: '{primary.600}', offset: '2px' },
    borderRadius: { none: '0', xs: '2px', sm: '3px', md: '4px', lg: '6px', xl: '8px' },
  },
})
