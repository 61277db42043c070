package attune.app.demo;

import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import attune.app.shop.ShopService;
import attune.app.shop.ShopSettings;
import attune.app.shop.ShopSettings.Papers;
import attune.app.shop.ShopSettings.Person;
import attune.app.shop.ShopSettings.Selling;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Who works at Lantern Yard Trim Care, and what an hour of it costs. */
@Component
@ConditionalOnProperty("attune.demo")
class DemoShop {
  private static final Pattern OPENED = Pattern.compile("\"openedOn\": \"([0-9-]+)\"");

  /** The day the starting shelf was written down. */
  private static final LocalDate WRITTEN = LocalDate.of(2026, 4, 15);

  private final ShopService shop;
  private final ShelfService shelf;
  private final Clock clock;

  DemoShop(ShopService shop, ShelfService shelf, Clock clock) {
    this.shop = shop;
    this.shelf = shelf;
    this.clock = clock;
  }

  /** Bottles as long open as they were, whatever day it is. */
  private String openedSince(LocalDate today) {
    long later = today.toEpochDay() - WRITTEN.toEpochDay();
    return OPENED
        .matcher(ReferenceData.startingShelfText())
        .replaceAll(
            found ->
                "\"openedOn\": \"%s\"".formatted(LocalDate.parse(found.group(1)).plusDays(later)));
  }

  private static final Papers LETTERHEAD =
      new Papers(
          "4 Lantern Yard, Rope Walk\nPort Ansley",
          "555 0142, yard@lanternyard.example",
          "Payable within fourteen days. Colour that lifts at the test spot ends the work on that"
              + " panel; it is not charged.",
          30);

  void open() {
    shelf.bringIn(openedSince(LocalDate.now(clock)), false, false, UUID.randomUUID());
    ShopSettings s = shop.settings();
    shop.change(
        s.sending(LETTERHEAD)
            .selling(new Selling(25.0, 0.7, s.levels()))
            .staffed(
                List.of(
                    new Person("Mira Holt", true, null, null),
                    new Person("Tobin Reyl", true, "09:00", null),
                    new Person("Ines Quay", false, null, "16:00")),
                62.0,
                20.0));
  }
}
