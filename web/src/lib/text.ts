import { createI18n } from 'vue-i18n'
import en from './locales/en.json'
import { PSEUDO, pseudo } from './pseudo'

// Every text of the interface has a key in locales/en.json, by the feature that says it;
// what two features or more say alike stands under “common”. The page says in which language it is.

const language = document.documentElement.lang === PSEUDO ? PSEUDO : 'en'

export const i18n = createI18n<[typeof en], 'en' | typeof PSEUDO, false>({
  legacy: false,
  locale: language,
  fallbackLocale: 'en',
  messages: { en, [PSEUDO]: language === PSEUDO ? pseudo(en) : en },
  missingWarn: false,
  fallbackWarn: false,
})

/** For scripts; a template has it as $t. */
export const { t } = i18n.global

/** “1 round”, “3 rounds”. */
export function plural(count: number, of: keyof typeof en.counts): string {
  return t(`counts.${of}`, { n: count }, count)
}
