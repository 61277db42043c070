package attune.app.crew;

/** What somebody is in the shop. */
public enum Role {
  OWNER("owner", "an owner"),
  SPECIALIST("specialist", "a specialist"),
  TECHNICIAN("technician", "a technician"),
  DESK("desk", "the desk"),
  LEARNER("learner", "a learner");

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
