package attune.app.shop;

import attune.app.author.MemberLeft;
import attune.app.author.MemberNamed;
import attune.app.reference.DataReplaced;
import attune.app.shop.ShopSettings.Person;
import java.util.List;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Follows who comes, is called otherwise and goes, so that hours and skills stay theirs. */
@Component
class StaffChanges {
  private final ShopService shop;
  private final Staff staff;

  StaffChanges(ShopService shop, Staff staff) {
    this.shop = shop;
    this.staff = staff;
  }

  @EventListener
  void named(MemberNamed member) {
    shop.staffed(people -> people.stream().map(p -> named(p, member, people)).toList());
  }

  private static Person named(Person person, MemberNamed member, List<Person> all) {
    boolean theirs =
        member.id().equals(person.member())
            || person.member() == null
                && (person.name().equals(member.before()) || person.name().equals(member.name()));
    boolean first = member.works() && all.equals(ShopSettings.usual("").people());
    return theirs || first ? person.called(member.name()).signingIn(member.id()) : person;
  }

  /** Who came with data of another installation is somebody of this one, or does not sign in. */
  @EventListener
  void replaced(DataReplaced data) {
    shop.staffed(staff::known);
  }

  /** The last one stays, as somebody who does not sign in: a shop without people plans nothing. */
  @EventListener
  void left(MemberLeft member) {
    shop.staffed(
        people ->
            people.size() == 1
                ? people.stream().map(p -> p.signingIn(null)).toList()
                : people.stream().filter(p -> !member.id().equals(p.member())).toList());
  }
}
