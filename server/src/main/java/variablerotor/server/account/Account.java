package variablerotor.server.account;

import java.io.Serializable;
import java.util.UUID;

/** Somebody of the shop. */
public record Account(UUID id, String login, String name, Role role) implements Serializable {}
