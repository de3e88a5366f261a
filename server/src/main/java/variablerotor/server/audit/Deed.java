package variablerotor.server.audit;

import java.util.Arrays;
import java.util.List;

/** What is on the audit list, as the database names it. */
public enum Deed {
  SIGNED_IN(Field.COMING_IN, "Signed in"),
  SIGNED_OUT(Field.COMING_IN, "Signed out"),
  ACCOUNT_OPENED(Field.RIGHTS, "Opened an account"),
  ACCOUNT_CHANGED(Field.RIGHTS, "Changed an account"),
  ACCOUNT_CLOSED(Field.RIGHTS, "Closed an account"),
  PASSWORD_SET(Field.RIGHTS, "Set a password"),
  INVITED(Field.RIGHTS, "Made a link to come in by"),
  PASSKEY_MADE(Field.RIGHTS, "Added a passkey"),
  PASSKEY_ENDED(Field.RIGHTS, "Ended a passkey"),
  PASSWORD_ENOUGH(Field.RIGHTS, "Let a password be enough, or not"),
  SETTINGS(Field.SETTINGS, "Changed the shop’s figures"),
  LEARNING(Field.SETTINGS, "Changed what is learnt from"),
  PRICE(Field.PRICES, "Changed a part’s price"),
  OFFER(Field.PRICES, "Priced a way"),
  PART_NEW(Field.PRICES, "Added a part"),
  PART(Field.PRICES, "Changed a part"),
  PART_REMOVED(Field.PRICES, "Took a part out"),
  BOOK(Field.BOOKS, "Changed a code book"),
  BOOK_REMOVED(Field.BOOKS, "Took a code book out"),
  COUNT(Field.COUNTS, "Counted"),
  IMPORT(Field.COUNTS, "Brought in a stock list"),
  IMPORT_UNDONE(Field.COUNTS, "Took a stock list back"),
  OUTCOME(Field.CALLS, "Told how a call turned out"),
  PHOTO_ERASED(Field.CALLS, "Erased a photo");

  /** What it is about, by which the list is filtered. */
  public enum Field {
    COMING_IN,
    RIGHTS,
    SETTINGS,
    PRICES,
    BOOKS,
    COUNTS,
    CALLS
  }

  private final Field field;
  private final String title;

  Deed(Field field, String title) {
    this.field = field;
    this.title = title;
  }

  String title() {
    return title;
  }

  static List<String> of(Field field) {
    return Arrays.stream(values()).filter(one -> one.field == field).map(Enum::name).toList();
  }
}
