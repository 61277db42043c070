package attune.app.shop;

import attune.app.shop.ShopSettings.Person;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The shop's people as those who sign in: whoever does has one name, wherever it stands. */
@Component
class Staff {
  private static final Phrases PHRASES = Phrases.of(Staff.class);

  private final Members members;

  Staff(Members members) {
    this.members = members;
  }

  /**
   * The same people, each who signs in under their own name.
   *
   * @throws InvalidInputException where two are called alike
   */
  List<Person> known(List<Person> people) {
    Map<String, UUID> byName = members.byName();
    Map<UUID, String> byId = new HashMap<>();
    byName.forEach((name, id) -> byId.put(id, name));
    Set<String> names = new HashSet<>();
    List<Person> known = new ArrayList<>();
    for (int i = 0; i < people.size(); i++) {
      Person person = known(people.get(i), byName, byId);
      if (!names.add(person.name())) {
        throw new InvalidInputException(
            "/people/" + i + "/name",
            "\"" + person.name() + "\"",
            PHRASES.say("a-name-nobody-else-there"));
      }
      known.add(person);
    }
    return known;
  }

  private static Person known(Person person, Map<String, UUID> byName, Map<UUID, String> byId) {
    String named = byId.get(person.member());
    if (named != null) {
      return person.called(named);
    }
    Person stripped = person.called(person.name().strip());
    return stripped.signingIn(byName.get(stripped.name()));
  }
}
