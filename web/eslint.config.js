import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import typescript from 'typescript-eslint'

export default typescript.config(
  { ignores: ['dist', 'target', 'node_modules', 'src/api/schema.d.ts', 'src/core/answers.d.ts'] },
  ...typescript.configs.recommended,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: typescript.parser } } },
  { rules: { 'vue/multi-word-component-names': 'off' } },
  {
    // One control of each kind: of Element Plus only what a browser has not of its own.
    files: ['**/*.vue'],
    rules: {
      'vue/no-restricted-html-elements': [
        'error',
        ...[
          'el-button',
          'el-radio',
          'el-checkbox',
          'el-link',
          'el-card',
          'el-form',
          'el-table',
        ].map((element) => ({
          element,
          message: `${element}: the page has its own (theme/base.css)`,
        })),
        { element: 'textarea', message: 'A longer text is told in el-input with type="textarea"' },
      ],
    },
  },
  {
    // Specs share their modules: see the tests' projects in vite.config.ts.
    files: ['**/*.spec.ts'],
    ignores: ['**/*.mocked.spec.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        ...['mock', 'doMock', 'resetModules'].map((property) => ({
          object: 'vi',
          property,
          message: 'A spec that replaces a module is named *.mocked.spec.ts',
        })),
      ],
    },
  },
  prettier,
)
