/** The core, compiled from Java: a tree in, a tree out. */
declare module 'rotor-core' {
  const core: Record<import('./core').Verb, (tree: object) => object>
  export = core
}
