/**
 * From records to plain trees, the one writer.
 *
 * <p>Maps, lists, texts, numbers: what JSON can say, without JSON. A record that leaves the core is
 * a {@code Node} and says its own tree, so that server, command line and page read the same.
 *
 * <p>Uses nothing of ours.
 */
@NullMarked
package variablerotor.core.tree;

import org.jspecify.annotations.NullMarked;
