package variablerotor.server.account;

import com.webauthn4j.util.exception.WebAuthnException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialParameters;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import variablerotor.server.account.AccountEventStore.Event;
import variablerotor.server.web.Refused;

/**
 * Signing in by the device's own lock (W3C Web Authentication, level 3), checked by Spring Security
 * with WebAuthn4J. The device names its owner, and opens its lock for each use: it is had, and a
 * finger, a face or a number is known, so that it stands for two factors.
 */
@Service
class Passkeys {
  private static final String NOT_TAKEN = "This device's answer could not be taken. Try again.";

  private final PageAddress address;
  private final PasskeyStore store;
  private final ChallengeStore challenges;
  private final AccountStore accounts;
  private final AccountEventStore events;
  private final Clock clock;
  private final JsonMapper json;
  private final PublicKeyCredentialRpEntity shop;
  private final Webauthn4JRelyingPartyOperations checks;

  Passkeys(
      PageAddress address,
      PasskeyStore store,
      PasskeyOwners owners,
      ChallengeStore challenges,
      AccountStore accounts,
      AccountEventStore events,
      Clock clock,
      JsonMapper json) {
    this.address = address;
    this.store = store;
    this.challenges = challenges;
    this.accounts = accounts;
    this.events = events;
    this.clock = clock;
    this.json = json;
    shop = PublicKeyCredentialRpEntity.builder().id(address.host()).name("Variable Rotor").build();
    checks =
        new Webauthn4JRelyingPartyOperations(
            owners, store, shop, address.origin().map(Set::of).orElse(Set.of()));
  }

  /**
   * What a device is asked to sign.
   *
   * @param challenge in base64url
   * @param host whose passkeys are meant
   */
  record PasskeyQuestion(String challenge, String host) {}

  /**
   * What a device is asked to make a passkey by.
   *
   * @param owner told to the device in base64url; names nobody
   * @param known passkeys of this owner, in base64url: a device that holds one makes no second
   */
  record NewPasskeyQuestion(
      String challenge,
      String host,
      String shop,
      String owner,
      String login,
      String name,
      List<String> known) {}

  /** What a device answers when it made one, in base64url; what its owner calls it. */
  record MadePasskey(
      String name,
      String credential,
      String clientData,
      String attestation,
      List<String> transports) {}

  /** What a device answers when it signs in, in base64url. */
  record PasskeySignature(
      String credential, String clientData, String authenticatorData, String signature) {}

  /**
   * @param from the address that it is asked from
   * @throws Refused where the page has no name
   */
  PasskeyQuestion ask(String from) {
    return new PasskeyQuestion(challenge(null, from), here());
  }

  /**
   * @throws Refused where the page has no name, or there are many already
   */
  NewPasskeyQuestion askNew(Account account, String from) {
    if (store.list(account.id()).size() >= Passkey.MOST) {
      throw Refused.conflict(
          "There are " + Passkey.MOST + " passkeys, and no more are taken. End one first.");
    }
    List<String> known =
        store.findByUserId(PasskeyOwners.id(account.id())).stream()
            .map(CredentialRecord::getCredentialId)
            .map(Bytes::toBase64UrlString)
            .toList();
    return new NewPasskeyQuestion(
        challenge(account.id(), from),
        here(),
        "Variable Rotor",
        PasskeyOwners.id(account.id()).toBase64UrlString(),
        account.login(),
        account.name(),
        known);
  }

  private String here() {
    return address
        .origin()
        .map(origin -> address.host())
        .orElseThrow(
            () ->
                Refused.conflict(
                    "Passkeys need the page to be opened by a name; see docs/operating.md."));
  }

  private String challenge(@Nullable UUID account, String from) {
    here();
    String challenge = Bytes.random().toBase64UrlString();
    challenges.keep(challenge, account, TryCounter.network(from), OffsetDateTime.now(clock));
    return challenge;
  }

  /**
   * Takes a new one.
   *
   * @throws Refused where it does not answer what this account was asked
   */
  void take(Account account, MadePasskey made) {
    String name = made.name() == null ? "" : made.name().strip();
    if (name.isEmpty() || name.length() > Passkey.LONGEST_NAME || !Account.isPlain(name)) {
      throw Refused.field(
          "name", "allowed is what you call the device, up to " + Passkey.LONGEST_NAME);
    }
    Bytes id = bytes("credential", made.credential());
    Bytes clientData = bytes("clientData", made.clientData());
    Bytes attestation = bytes("attestation", made.attestation());
    Bytes challenge = taken(clientData, Optional.of(account.id()));
    PublicKeyCredentialCreationOptions asked =
        PublicKeyCredentialCreationOptions.builder()
            .rp(shop)
            .user(PasskeyOwners.of(account))
            .challenge(challenge)
            .pubKeyCredParams(
                PublicKeyCredentialParameters.ES256,
                PublicKeyCredentialParameters.EdDSA,
                PublicKeyCredentialParameters.RS256)
            .authenticatorSelection(
                AuthenticatorSelectionCriteria.builder()
                    .residentKey(ResidentKeyRequirement.REQUIRED)
                    .userVerification(UserVerificationRequirement.REQUIRED)
                    .build())
            .build();
    List<AuthenticatorTransport> transports =
        made.transports() == null
            ? List.of()
            : made.transports().stream().distinct().flatMap(Passkeys::transport).toList();
    AuthenticatorAttestationResponse response =
        AuthenticatorAttestationResponse.builder()
            .clientDataJSON(clientData)
            .attestationObject(attestation)
            .transports(transports)
            .build();
    PublicKeyCredential<AuthenticatorAttestationResponse> credential =
        PublicKeyCredential.<AuthenticatorAttestationResponse>builder()
            .id(id.toBase64UrlString())
            .rawId(id)
            .response(response)
            .build();
    try {
      checks.registerCredential(
          new ImmutableRelyingPartyRegistrationRequest(
              asked, new RelyingPartyPublicKey(credential, name)));
    } catch (WebAuthnException | JacksonException | IllegalArgumentException wrong) {
      throw Refused.conflict(NOT_TAKEN);
    }
    events.note(Event.PASSKEY_MADE, account.id(), account.id(), name);
  }

  private static Stream<AuthenticatorTransport> transport(String said) {
    return Stream.of(AuthenticatorTransport.values()).filter(one -> one.getValue().equals(said));
  }

  /**
   * Who signs in with it.
   *
   * @throws Refused where it does not answer what was asked, is none of ours, or its account is
   *     closed
   */
  SignIn.Opened check(PasskeySignature signed) {
    Bytes credential = bytes("credential", signed.credential());
    Bytes clientData = bytes("clientData", signed.clientData());
    Bytes data = bytes("authenticatorData", signed.authenticatorData());
    Bytes signature = bytes("signature", signed.signature());
    if (store.findByCredentialId(credential) == null) {
      throw Refused.signIn(
          "This passkey is not known here: it was ended, or is of another shop. Sign in with the"
              + " password.");
    }
    PublicKeyCredentialRequestOptions asked =
        PublicKeyCredentialRequestOptions.builder()
            .challenge(taken(clientData, Optional.empty()))
            .rpId(here())
            .userVerification(UserVerificationRequirement.REQUIRED)
            .build();
    PublicKeyCredential<AuthenticatorAssertionResponse> answer =
        PublicKeyCredential.<AuthenticatorAssertionResponse>builder()
            .id(credential.toBase64UrlString())
            .rawId(credential)
            .response(
                AuthenticatorAssertionResponse.builder()
                    .clientDataJSON(clientData)
                    .authenticatorData(data)
                    .signature(signature)
                    .build())
            .build();
    return accounts
        .byLogin(owner(new RelyingPartyAuthenticationRequest(asked, answer)))
        .filter(secret -> !secret.standing().closed())
        .map(secret -> new SignIn.Opened(secret.account(), secret.standing().edition()))
        .orElseThrow(() -> Refused.signIn("This account is closed."));
  }

  /** What the device says that it answers; nobody can answer it a second time. */
  private Bytes taken(Bytes clientData, Optional<UUID> of) {
    JsonNode challenge;
    try {
      challenge = json.readTree(clientData.getBytes()).path("challenge");
    } catch (JacksonException odd) {
      throw Refused.field("clientData", "is not what a device answers");
    }
    Optional<Optional<UUID>> asked =
        challenge.isString()
            ? challenges.take(challenge.stringValue(), OffsetDateTime.now(clock))
            : Optional.empty();
    if (!asked.equals(Optional.of(of))) {
      throw Refused.conflict("That took too long, or was answered before. Try again.");
    }
    return bytes("clientData", challenge.stringValue());
  }

  private static Bytes bytes(String field, @Nullable String text) {
    // More than any device says; what is larger is not looked into.
    if (text == null || !text.matches("[A-Za-z0-9_-]{1,20000}")) {
      throw Refused.field(field, "found nothing or what is no base64url of up to 20000");
    }
    try {
      return Bytes.fromBase64(text);
    } catch (IllegalArgumentException odd) {
      throw Refused.field(field, "is no base64url");
    }
  }

  private String owner(RelyingPartyAuthenticationRequest answered) {
    try {
      return checks.authenticate(answered).getName();
    } catch (WebAuthnException | JacksonException | IllegalArgumentException wrong) {
      throw Refused.signIn(NOT_TAKEN);
    }
  }
}
