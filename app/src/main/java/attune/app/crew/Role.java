package attune.app.crew;

import attune.core.words.Phrases;

/** What somebody is in the shop. */
public enum Role {
  OWNER("owner", Phrases.of(Role.class).say("an-owner")),
  SPECIALIST("specialist", Phrases.of(Role.class).say("a-specialist")),
  TECHNICIAN("technician", Phrases.of(Role.class).say("a-technician")),
  DESK("desk", Phrases.of(Role.class).say("the-desk")),
  LEARNER("learner", Phrases.of(Role.class).say("a-learner"));

  private final String word;
  private final String one;

  Role(String word, String one) {
    this.word = word;
    this.one = one;
  }

  public String word() {
    return word;
  }

  /** With its article, to be the subject of a sentence. */
  String one() {
    return one;
  }
}
