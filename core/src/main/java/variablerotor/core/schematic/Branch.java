package variablerotor.core.schematic;

import variablerotor.core.wiring.Terminal;

/**
 * Something between two conductors.
 *
 * @param part its id
 * @param name above it
 * @param below what it is moved by, or which of its terminals they are
 * @param from at its left, unless it is drawn turned round
 * @param to at its right
 */
record Branch(String part, Symbol symbol, String name, String below, Terminal from, Terminal to) {
  /** The same, seen from its other end. */
  Branch turned() {
    return new Branch(part, symbol, name, below, to, from);
  }
}
