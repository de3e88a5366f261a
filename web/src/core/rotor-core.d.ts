/** The core, compiled from Java: a tree in, a tree out. */
declare module 'rotor-core' {
  type Tree = Record<string, unknown>
  export function plan(tree: Tree): Tree
  export function otherwise(tree: Tree): Tree
  export function begin(tree: Tree): Tree
  export function edit(tree: Tree): Tree
  export function otherwise(tree: Tree): Tree
  export function begin(tree: Tree): Tree
  export function edit(tree: Tree): Tree
  export function run(tree: Tree): Tree
  export function checks(tree: Tree): Tree
  export function mend(tree: Tree): Tree
  export function draw(tree: Tree): Tree
  export function exercise(tree: Tree): Tree
  export function proof(tree: Tree): Tree
  export function fit(tree: Tree): Tree
}
