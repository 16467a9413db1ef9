import prettier from '@vue/eslint-config-prettier/skip-formatting'
import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import vueI18n from '@intlify/eslint-plugin-vue-i18n'
import vue from 'eslint-plugin-vue'

export default defineConfigWithVueTs(
  { ignores: ['dist/**', 'node_modules/**', 'src/lib/api/schema.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.strict,
  prettier,
  {
    // Every text has a key in src/lib/locales/en.json; marks, units' signs and figures have none.
    plugins: { '@intlify/vue-i18n': vueI18n },
    settings: { 'vue-i18n': { localeDir: './src/lib/locales/*.json', messageSyntaxVersion: '^11.0.0' } },
    rules: {
      '@intlify/vue-i18n/no-raw-text': [
        'error',
        {
          ignorePattern: '^[^\\p{L}]+$',
          ignoreText: [''],
          attributes: {
            '/.+/': [
              'label',
              'aria-label',
              'placeholder',
              'title',
              'header',
              'hint',
              'alt',
              'aria-description',
              'what',
              'heading',
            ],
          },
        },
      ],
      '@intlify/vue-i18n/no-missing-keys': 'error',
      '@intlify/vue-i18n/no-unused-keys': 'off',
    },
  },
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/block-lang': ['error', { script: { lang: 'ts' } }],
      'vue/component-api-style': ['error', ['script-setup']],
      'vue/no-v-html': 'error',
      'vue/require-default-prop': 'off',
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: ['error', 'smart'],
    },
  },
)
