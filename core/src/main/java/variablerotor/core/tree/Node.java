package variablerotor.core.tree;

import java.util.Map;

/**
 * A record that is read outside the core: by the page, the command line, files and papers.
 *
 * <p>Its tree has the names and values of its components and nothing else; a test holds that.
 */
public interface Node {
  /** Maps, lists, strings, doubles, booleans and nulls. */
  Map<String, Object> tree();
}
