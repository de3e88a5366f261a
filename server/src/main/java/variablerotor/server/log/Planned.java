package variablerotor.server.log;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import org.jooq.DSLContext;
import org.jooq.ExecuteListener;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
import org.postgresql.PGStatement;

/**
 * How the database plans what it is asked. What is asked again and again by an id it plans once and
 * keeps, as far as the plan is as good as one for that id alone.
 */
public final class Planned {
  private Planned() {}

  /**
   * The same database, which plans each of these questions anew for what it asks: for searches and
   * periods, where few hits are best looked up in another way than many. A kept plan would be that
   * of the first few questions.
   */
  public static DSLContext forItsValues(DSLContext db) {
    return DSL.using(
        db.configuration()
            .deriveAppending(ExecuteListener.onPrepareEnd(asked -> neverNamed(asked.statement()))));
  }

  /** Only a statement that is prepared under a name can have a kept plan. */
  private static void neverNamed(PreparedStatement statement) {
    try {
      statement.unwrap(PGStatement.class).setPrepareThreshold(0);
    } catch (SQLException fault) {
      throw new DataAccessException("not a statement of PostgreSQL", fault);
    }
  }
}
