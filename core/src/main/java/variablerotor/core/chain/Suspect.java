package variablerotor.core.chain;

/** A link of the chain from supply to air path, as one to blame. */
public enum Suspect {
  SUPPLY("Supply", "the supply"),
  COMMAND("Call and board", "the call or the board"),
  HARNESS("Harness", "the harness"),
  SETTING("Settings", "a setting"),
  DRIVE("Drive", "the drive"),
  MODULE("Module", "the module"),
  WINDING("Windings", "the winding"),
  BEARING("Shaft", "the shaft or a bearing"),
  WHEEL("Wheel", "the wheel"),
  AIR_PATH("Air path", "the air path"),
  /** Nothing wrong with this chain. */
  NONE("Nothing wrong", "no fault in this chain"),
  /** Something that nobody listed: the world is open. */
  OTHER("Something else", "something that is not on the list");

  private final String title;
  private final String spoken;

  Suspect(String title, String spoken) {
    this.title = title;
    this.spoken = spoken;
  }

  /** Whether it is a link of the chain, and not a word for what lies outside it. */
  public boolean isLink() {
    return this != NONE && this != OTHER;
  }

  /** As a sign over the station. */
  public String title() {
    return title;
  }

  /** Inside a sentence. */
  public String spoken() {
    return spoken;
  }
}
