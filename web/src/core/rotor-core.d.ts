/** The core, compiled from Java, in the parts that a stage needs: a tree in, a tree out. */
declare module 'rotor-calls' {
  const core: Record<import('./core').CallVerb, (tree: object) => object>
  export = core
}

declare module 'rotor-wirings' {
  const core: Record<import('./core').WiringVerb, (tree: object) => object>
  export = core
}

declare module 'rotor-senses' {
  const core: Record<import('./core').SenseVerb, (tree: object) => object>
  export = core
}
