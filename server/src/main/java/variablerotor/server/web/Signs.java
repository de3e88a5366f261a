package variablerotor.server.web;

import java.util.List;

/** How a part of the program stands, told to the shop's leads. */
public interface Signs {
  /**
   * One of them.
   *
   * @param what it is about, such as "Database"
   * @param well whether nothing need be done
   * @param says how it stands, and where it is not well what to do
   */
  record Sign(String what, boolean well, String says) {}

  List<Sign> signs();
}
