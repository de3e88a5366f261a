package variablerotor.server.web;

/** What not everybody of the shop may do; a session holds it as a role. */
public enum Right {
  /** Money, limits, people. */
  LEAD("Only a lead may do that."),
  /** Code books brought in, changed and taken away. */
  BOOKS("Only a lead may do that, or whoever a lead lets keep the code books.");

  final String refusal;

  Right(String refusal) {
    this.refusal = refusal;
  }
}
