package variablerotor.server.web;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Collections;
import java.util.Map;
import java.util.WeakHashMap;
import org.postgresql.PGConnection;

/** Tells the database, with each connection that is handed out, whose rows it may see. */
public final class BranchConnections {
  /** What each was told last: most are handed out for the same again. */
  private static final Map<PGConnection, String> TOLD =
      Collections.synchronizedMap(new WeakHashMap<>());

  private BranchConnections() {}

  /**
   * The same connection, told.
   *
   * @throws SQLException where it cannot be told; it is given back then
   */
  public static Connection told(Connection connection) throws SQLException {
    PGConnection itself = connection.unwrap(PGConnection.class);
    String now = Branch.now();
    if (now.equals(TOLD.get(itself))) {
      return connection;
    }
    TOLD.remove(itself);
    try (PreparedStatement tell =
        connection.prepareStatement("select set_config('rotor.branch', ?, false)")) {
      tell.setString(1, now);
      tell.execute();
    } catch (SQLException gone) {
      connection.close();
      throw gone;
    }
    TOLD.put(itself, now);
    return connection;
  }
}
