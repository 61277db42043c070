package attune.app.crew;

import static attune.app.crew.Role.DESK;
import static attune.app.crew.Role.OWNER;
import static attune.app.crew.Role.SPECIALIST;
import static attune.app.crew.Role.TECHNICIAN;

import attune.core.words.Phrases;
import java.util.Arrays;
import java.util.List;
import java.util.Set;

/** What may be done, and by whom: the one table, which the screens and docs/security.md show. */
public enum Right {
  OPEN(Phrases.of(Right.class).say("open-a-customers-own-link"), Role.values()),
  SELF(Phrases.of(Right.class).say("see-and-change-ones-own"), Role.values()),
  WATCH(Phrases.of(Right.class).say("see-the-day-jobs-plans"), Role.values()),
  TRAIN(Phrases.of(Right.class).say("train-and-see-how-one"), Role.values()),
  TICK(
      Phrases.of(Right.class).say("tick-measure-mix-and-photograph"),
      OWNER,
      SPECIALIST,
      TECHNICIAN),
  JUDGE(Phrases.of(Right.class).say("survey-match-and-arrange-decide"), OWNER, SPECIALIST),
  STOCK(Phrases.of(Right.class).say("change-the-shelf-products-tools"), OWNER, SPECIALIST),
  BOOK(Phrases.of(Right.class).say("take-jobs-in-and-move"), OWNER, SPECIALIST, DESK),
  CUSTOMERS(Phrases.of(Right.class).say("see-and-write-down-customers"), OWNER, SPECIALIST, DESK),
  QUOTE(Phrases.of(Right.class).say("quote-and-see-what-work"), OWNER, SPECIALIST, DESK),
  HAND_OVER(Phrases.of(Right.class).say("hand-over-share-the-report"), OWNER, SPECIALIST, DESK),
  RULES(Phrases.of(Right.class).say("set-house-rules-the-shop"), OWNER),
  DATA(Phrases.of(Right.class).say("bring-data-in-or-out"), OWNER),
  CREW(Phrases.of(Right.class).say("say-who-works-here-and"), OWNER);

  private final String words;
  private final Set<Role> roles;

  Right(String words, Role... roles) {
    this.words = words;
    this.roles = Set.of(roles);
  }

  public String words() {
    return words;
  }

  public boolean has(Role role) {
    return roles.contains(role);
  }

  /** Roles that have it, the owner first. */
  List<Role> roles() {
    return Arrays.stream(Role.values()).filter(this::has).toList();
  }

  /** What somebody in a role may do. */
  static List<Right> of(Role role) {
    return Arrays.stream(values()).filter(right -> right.has(role)).toList();
  }
}
