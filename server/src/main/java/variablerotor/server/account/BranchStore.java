package variablerotor.server.account;

import static variablerotor.server.schema.Tables.BRANCH;

import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The branches of the company; made by the command line alone. */
@Repository
public class BranchStore {
  private final DSLContext db;

  BranchStore(DSLContext db) {
    this.db = db;
  }

  /** All of them, the oldest first. */
  public List<UUID> all() {
    return db.select(BRANCH.ID).from(BRANCH).orderBy(BRANCH.AT, BRANCH.ID).fetch(BRANCH.ID);
  }
}
