package variablerotor.server.account;

/** What an account may do. */
public enum Role {
  TECHNICIAN,
  /** May also set the shop's figures and keep its accounts. */
  LEAD
}
