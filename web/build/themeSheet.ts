import BaseStyle from '@primevue/core/base/style'
import { Theme } from '@primeuix/themes'
import type { Plugin } from 'vite'
import theme from '../src/styles/theme.ts'

// PrimeVue works its theme out in the browser, at each start: here it is worked out once, when the
// application is built, and ships as a style sheet like any other (docs/decisions/0002).

/** What each of PrimeVue's styles answers, and its types do not say. */
interface Style {
  getThemeStyleSheet(): string
  getCommonThemeStyleSheet(): string
}

/** The controls that stand in the interface, and those that these are made of. */
export const CONTROLS = [
  'autocomplete',
  'badge',
  'button',
  'checkbox',
  'chip',
  'dialog',
  'iconfield',
  'inputicon',
  'inputtext',
  'message',
  'multiselect',
  'ripple',
  'select',
  'selectbutton',
  'slider',
  'textarea',
  'toast',
  'togglebutton',
  'toggleswitch',
  'virtualscroller',
]

/** @returns the theme's variables and every control's style, as one style sheet */
export async function themeSheet(): Promise<string> {
  Theme.setTheme({ preset: theme, options: { darkModeSelector: '.dark' } })
  const base = BaseStyle as unknown as Style
  const sheets = [base.getCommonThemeStyleSheet(), base.getThemeStyleSheet()]
  for (const control of CONTROLS) {
    const { default: style } = (await import(`primevue/${control}/style`)) as { default: Style }
    sheets.push(style.getThemeStyleSheet())
  }
  return sheets.join('\n').replace(/<\/?style[^>]*>/g, '')
}

const ASKED = 'virtual:theme.css'
const FOUND = `\0${ASKED}`

export function themePlugin(): Plugin {
  return {
    name: 'theme-sheet',
    resolveId: (id) => (id === ASKED ? FOUND : undefined),
    load: (id) => (id === FOUND ? themeSheet() : undefined),
  }
}
