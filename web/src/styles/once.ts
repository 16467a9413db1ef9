import Base from '@primevue/core/base'

// PrimeVue forgets which styles it has loaded whenever a component is made, so that a change of theme
// reaches all of them, and each component reads the same sheets again. Here the theme is set once, and
// a board has some hundreds of components: what is loaded stays known.
Base.clearLoadedStyleNames = () => {}
