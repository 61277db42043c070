package attune.app.crew;

import static attune.app.crew.Role.DESK;
import static attune.app.crew.Role.OWNER;
import static attune.app.crew.Role.SPECIALIST;
import static attune.app.crew.Role.TECHNICIAN;

import java.util.Arrays;
import java.util.List;
import java.util.Set;

/** What may be done, and by whom: the one table, which the screens and docs/security.md show. */
public enum Right {
  OPEN("open a customer's own link, sign in", Role.values()),
  SELF("see and change one's own sign-in", Role.values()),
  WATCH("see the day, jobs, plans, runs and the shelf", Role.values()),
  TRAIN("train, and see how one learns", Role.values()),
  TICK("tick, measure, mix and photograph at the bench", OWNER, SPECIALIST, TECHNICIAN),
  JUDGE("survey, match and arrange: decide how a job is done", OWNER, SPECIALIST),
  STOCK("change the shelf: products, tools, bottles, cloths", OWNER, SPECIALIST),
  BOOK("take jobs in and move them", OWNER, SPECIALIST, DESK),
  CUSTOMERS("see and write down customers and vehicles", OWNER, SPECIALIST, DESK),
  QUOTE("quote, and see what work costs", OWNER, SPECIALIST, DESK),
  HAND_OVER("hand over, share the report, keep after-care", OWNER, SPECIALIST, DESK),
  RULES("set house rules, the shop and what training opens", OWNER),
  DATA("bring data in or out, back up, delete a customer", OWNER),
  CREW("say who works here and on which devices, read the log", OWNER);

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
