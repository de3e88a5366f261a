package variablerotor.server.call;

import static org.jooq.impl.DSL.concat;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.lower;

import org.jooq.Field;
import variablerotor.server.schema.tables.ServiceCall;

/** Which calls are to the same unit: by place and name, in small letters. */
public final class UnitStore {
  private UnitStore() {}

  /** As the index of words has it; one without a name of its own may be any at its place. */
  public static Field<String> of(ServiceCall table) {
    return lower(concat(table.PLACE, inline(" "), table.UNIT_NAME));
  }
}
