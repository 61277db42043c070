package attune.app.crew;

import attune.core.words.Phrases;

/** What the log keeps. */
public enum LogKind {
  SIGN_IN(Phrases.of(LogKind.class).say("signed-in")),
  SIGN_IN_FAILED(Phrases.of(LogKind.class).say("sign-in-failed")),
  SIGN_OUT(Phrases.of(LogKind.class).say("signed-out")),
  REFUSED(Phrases.of(LogKind.class).say("refused")),
  OWNER(Phrases.of(LogKind.class).say("owner-made-or-reset")),
  SECRET(Phrases.of(LogKind.class).say("own-passphrase-pin-or-passkey")),
  ROLE(Phrases.of(LogKind.class).say("somebody-added-changed-or")),
  SESSIONS(Phrases.of(LogKind.class).say("sessions-ended")),
  DEVICE(Phrases.of(LogKind.class).say("device-let-in-or-cut")),
  EXPORT(Phrases.of(LogKind.class).say("data-taken-out")),
  IMPORT(Phrases.of(LogKind.class).say("data-brought-in")),
  BACKUP(Phrases.of(LogKind.class).say("backup-made")),
  DELETION(Phrases.of(LogKind.class).say("customer-deleted")),
  MERGE(Phrases.of(LogKind.class).say("records-merged")),
  RULES(Phrases.of(LogKind.class).say("rules-or-shop-changed")),
  HAND_OVER(Phrases.of(LogKind.class).say("car-handed-over")),
  LINK(Phrases.of(LogKind.class).say("report-link-made-or-revoked"));

  private final String words;

  LogKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
