package attune.app.crew;

import attune.app.crew.CrewViews.PasskeyView;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.JdbcPublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.JdbcUserCredentialRepository;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.security.web.webauthn.management.WebAuthnRelyingPartyOperations;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Passkeys of those who work here. Whoever holds one has unlocked their device for it (a finger, a
 * face, its own PIN), so it lets them in by itself.
 */
@Service
@Transactional
class PasskeyService {
  private static final Phrases PHRASES = Phrases.of(PasskeyService.class);

  private static final String SHOP = PHRASES.say("attune");
  private static final TypeReference<Map<String, Object>> FIELDS = new TypeReference<>() {};
  private static final TypeReference<PublicKeyCredential<AuthenticatorAttestationResponse>> MADE =
      new TypeReference<>() {};
  private static final TypeReference<PublicKeyCredential<AuthenticatorAssertionResponse>> SIGNED =
      new TypeReference<>() {};

  private final PublicKeyCredentialUserEntityRepository holders;
  private final UserCredentialRepository credentials;
  private final JdbcOperations jdbc;
  private final JsonMapper mapper =
      JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();

  PasskeyService(JdbcOperations jdbc) {
    this.jdbc = jdbc;
    this.holders = new JdbcPublicKeyCredentialUserEntityRepository(jdbc);
    this.credentials = new JdbcUserCredentialRepository(jdbc);
  }

  /** Whether anybody has one. */
  @Transactional(readOnly = true)
  public boolean areThere() {
    return jdbc.queryForList("select 1 from user_credentials limit 1").size() > 0;
  }

  @Transactional(readOnly = true)
  public List<PasskeyView> of(UUID member) {
    return Optional.ofNullable(holders.findByUsername(member.toString()))
        .map(holder -> credentials.findByUserId(holder.getId()))
        .orElse(List.of())
        .stream()
        .sorted(Comparator.comparing(CredentialRecord::getCreated))
        .map(
            kept ->
                new PasskeyView(
                    kept.getCredentialId().toBase64UrlString(),
                    kept.getLabel(),
                    local(kept.getCreated()),
                    local(kept.getLastUsed())))
        .toList();
  }

  /** What a browser is asked for a new passkey of somebody. */
  public PublicKeyCredentialCreationOptions asksForNew(Who who, Site site) {
    String id = String.valueOf(who.id());
    PublicKeyCredentialUserEntity known = holders.findByUsername(id);
    holders.save(
        ImmutablePublicKeyCredentialUserEntity.builder()
            .id(known == null ? Bytes.random() : known.getId())
            .name(id)
            .displayName(who.name())
            .build());
    return party(site)
        .createPublicKeyCredentialCreationOptions(
            new ImmutablePublicKeyCredentialCreationOptionsRequest(
                UsernamePasswordAuthenticationToken.authenticated(id, null, List.of())));
  }

  /**
   * Keeps what the browser made.
   *
   * @throws InvalidInputException where it is not what was asked for
   */
  public void keep(
      PublicKeyCredentialCreationOptions asked, Map<String, Object> made, String label, Site site) {
    var credential = read(made, MADE);
    try {
      party(site)
          .registerCredential(
              new ImmutableRelyingPartyRegistrationRequest(
                  asked, new RelyingPartyPublicKey(credential, label)));
    } catch (RuntimeException e) {
      throw refused();
    }
  }

  /** What a browser is asked for somebody to come in. */
  public PublicKeyCredentialRequestOptions asksForOne(Site site) {
    return party(site)
        .createCredentialRequestOptions(
            new ImmutablePublicKeyCredentialRequestOptionsRequest(null));
  }

  /**
   * Whose passkey signed.
   *
   * @throws InvalidInputException where nobody's did, or not what was asked for
   */
  public UUID whoSigned(
      PublicKeyCredentialRequestOptions asked, Map<String, Object> signed, Site site) {
    var credential = read(signed, SIGNED);
    try {
      return UUID.fromString(
          party(site)
              .authenticate(new RelyingPartyAuthenticationRequest(asked, credential))
              .getName());
    } catch (RuntimeException e) {
      throw refused();
    }
  }

  /** Lets go of one of somebody's. */
  public void forget(UUID member, String handle) {
    if (of(member).stream().noneMatch(kept -> kept.handle().equals(handle))) {
      throw new NoSuchElementException(PHRASES.say("that-passkey-is-gone-already"));
    }
    credentials.delete(Bytes.fromBase64(handle));
  }

  /** Lets go of all of somebody's, as of their passphrase. */
  public void forgetAll(UUID member) {
    PublicKeyCredentialUserEntity holder = holders.findByUsername(member.toString());
    if (holder != null) {
      credentials
          .findByUserId(holder.getId())
          .forEach(kept -> credentials.delete(kept.getCredentialId()));
      holders.delete(holder.getId());
    }
  }

  /** As the page hands it to the browser. */
  Map<String, Object> fields(Object options) {
    return mapper.convertValue(options, FIELDS);
  }

  private WebAuthnRelyingPartyOperations party(Site site) {
    Webauthn4JRelyingPartyOperations party =
        new Webauthn4JRelyingPartyOperations(
            holders,
            credentials,
            PublicKeyCredentialRpEntity.builder().id(site.name()).name(SHOP).build(),
            Set.of(site.origin()));
    party.setCustomizeCreationOptions(
        options ->
            options.authenticatorSelection(
                AuthenticatorSelectionCriteria.builder()
                    .residentKey(ResidentKeyRequirement.REQUIRED)
                    .userVerification(UserVerificationRequirement.REQUIRED)
                    .build()));
    party.setCustomizeRequestOptions(
        options -> options.userVerification(UserVerificationRequirement.REQUIRED));
    return party;
  }

  private <T> T read(Map<String, Object> answer, TypeReference<T> as) {
    try {
      return mapper.convertValue(answer, as);
    } catch (JacksonException | IllegalArgumentException e) {
      throw refused();
    }
  }

  private static InvalidInputException refused() {
    return new InvalidInputException(
        "/credential",
        PHRASES.say("no-answer-to-what-was"),
        PHRASES.say("a-passkey-made-here-unlocked"));
  }

  private static LocalDateTime local(Instant at) {
    return LocalDateTime.ofInstant(at, ZoneId.systemDefault()).truncatedTo(ChronoUnit.SECONDS);
  }
}
