import { definePreset } from '@primeuix/themes'
import Aura from '@primeuix/themes/aura'

// PrimeVue drawn with the tokens of tokens.css: the same names, light and dark,
// so that no component is styled piecemeal.
const light = scale([
  'paper-raised',
  'paper',
  'paper-sunk',
  'rule-soft',
  'rule',
  'rule',
  'ink-soft',
  'ink-soft',
  'ink',
  'ink',
  'ink',
  'ink',
])
// In the dark the scale runs the other way: low steps are text, high ones grounds.
const dark = scale([
  'ink',
  'ink',
  'ink',
  'ink',
  'ink-soft',
  'ink-soft',
  'ink-soft',
  'rule',
  'rule',
  'rule-soft',
  'paper-raised',
  'paper',
])

function scale(names: string[]) {
  const steps = [0, 50, 100, 200, 300, 400, 500, 600, 700, 800, 900, 950]
  return Object.fromEntries(steps.map((step, index) => [step, `var(--${names[index]})`]))
}

const scheme = {
  primary: {
    color: 'var(--accent)',
    contrastColor: 'var(--accent-ink)',
    hoverColor: 'color-mix(in srgb, var(--accent) 86%, var(--ink))',
    activeColor: 'color-mix(in srgb, var(--accent) 74%, var(--ink))',
  },
  highlight: {
    background: 'var(--accent-wash)',
    focusBackground: 'var(--accent-wash)',
    color: 'var(--ink)',
    focusColor: 'var(--ink)',
  },
  text: { color: 'var(--ink)', hoverColor: 'var(--ink)', mutedColor: 'var(--ink-soft)', hoverMutedColor: 'var(--ink)' },
  content: {
    background: 'var(--paper-raised)',
    hoverBackground: 'var(--paper-sunk)',
    borderColor: 'var(--rule)',
    color: 'var(--ink)',
    hoverColor: 'var(--ink)',
  },
  formField: {
    background: 'var(--paper-raised)',
    borderColor: 'var(--rule)',
    hoverBorderColor: 'var(--ink-soft)',
    focusBorderColor: 'var(--focus)',
    invalidBorderColor: 'var(--warn)',
    color: 'var(--ink)',
    placeholderColor: 'var(--ink-soft)',
    iconColor: 'var(--ink-soft)',
    shadow: 'none',
  },
  overlay: {
    select: { background: 'var(--paper-raised)', borderColor: 'var(--rule)', color: 'var(--ink)' },
    popover: { background: 'var(--paper-raised)', borderColor: 'var(--rule)', color: 'var(--ink)' },
    modal: { background: 'var(--paper-raised)', borderColor: 'var(--rule)', color: 'var(--ink)' },
  },
}

/** What warns is of the same ink in buttons as in words. */
const warning = {
  root: {
    warn: {
      background: 'var(--warn)',
      hoverBackground: 'color-mix(in srgb, var(--warn) 86%, var(--ink))',
      activeBackground: 'var(--warn)',
      borderColor: 'var(--warn)',
      hoverBorderColor: 'var(--warn)',
      activeBorderColor: 'var(--warn)',
      color: 'var(--paper)',
      hoverColor: 'var(--paper)',
      activeColor: 'var(--paper)',
    },
  },
  outlined: {
    warn: {
      color: 'var(--warn)',
      borderColor: 'var(--warn)',
      hoverBackground: 'var(--warn-wash)',
      activeBackground: 'var(--warn-wash)',
    },
  },
}

/** A message or toast in the inks of the page. */
const told = (ink: string, wash: string) => ({
  background: `var(--${wash})`,
  borderColor: `var(--${ink})`,
  color: `var(--${ink})`,
  detailColor: 'var(--ink)',
  shadow: 'none',
  closeButton: { hoverBackground: 'var(--paper-sunk)', focusRing: { color: 'var(--focus)', shadow: 'none' } },
  outlined: { color: `var(--${ink})`, borderColor: `var(--${ink})` },
  simple: { color: `var(--${ink})` },
})
const messages = {
  success: told('accent', 'accent-wash'),
  info: told('accent', 'accent-wash'),
  warn: told('warn', 'warn-wash'),
  error: told('warn', 'warn-wash'),
}

export default definePreset(Aura, {
  primitive: {
    borderRadius: { none: '0', xs: '1px', sm: '2px', md: '2px', lg: '3px', xl: '3px' },
  },
  components: {
    button: { colorScheme: { light: warning, dark: warning } },
    message: { colorScheme: { light: messages, dark: messages } },
    toast: { root: { width: 'min(25rem, calc(100vw - 2.5rem))' }, colorScheme: { light: messages, dark: messages } },
  },
  semantic: {
    primary: {
      50: 'var(--accent-wash)',
      100: 'var(--accent-wash)',
      200: 'var(--accent)',
      300: 'var(--accent)',
      400: 'var(--accent)',
      500: 'var(--accent)',
      600: 'var(--accent)',
      700: 'var(--accent)',
      800: 'var(--accent)',
      900: 'var(--accent)',
      950: 'var(--accent-wash)',
    },
    focusRing: { width: '3px', style: 'solid', color: 'var(--focus)', offset: '2px' },
    colorScheme: { light: { ...scheme, surface: light }, dark: { ...scheme, surface: dark } },
  },
})
