package attune.app.paper;

import attune.app.people.PeopleViews.VehicleView;
import attune.app.shop.ShopSettings;
import attune.app.shop.ShopSettings.Papers;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Who sends a paper, and to whom about what.
 *
 * @param shop its name, possibly empty
 * @param sender lines under it: address, telephone
 * @param vehicle what it is called
 * @param receiver lines about customer and vehicle: name, plate or registration
 * @param terms the shop's own line at the foot, or empty
 */
public record Letterhead(
    String shop,
    List<String> sender,
    String vehicle,
    List<String> receiver,
    Optional<String> terms,
    Locale locale) {

  /** The same for a paper nobody pays by. */
  public Letterhead withoutTerms() {
    return new Letterhead(shop, sender, vehicle, receiver, Optional.empty(), locale);
  }

  /** As the shop's settings and the vehicle's page have it. */
  public static Letterhead of(ShopSettings shop, VehicleView vehicle) {
    Optional<Papers> papers = Optional.ofNullable(shop.papers());
    List<String> sender = new ArrayList<>();
    papers.map(Papers::address).stream().flatMap(String::lines).forEach(sender::add);
    papers.map(Papers::contact).stream().flatMap(String::lines).forEach(sender::add);
    List<String> receiver =
        Stream.of(
                vehicle.customer() == null ? null : vehicle.customer().name(),
                vehicle.form().plate())
            .filter(Objects::nonNull)
            .filter(line -> !line.isBlank())
            .toList();
    return new Letterhead(
        shop.name(),
        sender.stream().filter(line -> !line.isBlank()).toList(),
        vehicle.form().label(),
        receiver,
        papers.map(Papers::terms).filter(terms -> !terms.isBlank()),
        Locale.forLanguageTag(shop.locale()));
  }
}
