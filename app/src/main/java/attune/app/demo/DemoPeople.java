package attune.app.demo;

import attune.app.people.CustomerService;
import attune.app.people.PeopleViews.CustomerForm;
import attune.app.people.PeopleViews.FleetForm;
import attune.app.people.PeopleViews.Use;
import attune.app.people.PeopleViews.VehicleForm;
import attune.app.people.VehicleService;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** People of Port Ansley, all invented, and whose the demo vehicles are. */
@Component
@ConditionalOnProperty("attune.demo")
class DemoPeople {
  private final CustomerService customers;
  private final VehicleService vehicles;

  DemoPeople(CustomerService customers, VehicleService vehicles) {
    this.customers = customers;
    this.vehicles = vehicles;
  }

  /** The vehicles of the demo jobs, in their order. */
  List<UUID> vehicles() {
    UUID pilots = vehicles.create(new FleetForm("Ansley Harbour Pilots", null)).id();
    UUID maren =
        customer(
            "Maren Tolliver",
            "+00 555 0142",
            "exacting",
            "barrier",
            List.of(Use.DENIM, Use.CHILDREN),
            14_000,
            "Pale seats must stay pale. No scent.");
    UUID oskar =
        customer(
            "Oskar Penhale",
            "+00 555 0177",
            "thorough",
            "barrier",
            List.of(Use.PETS, Use.WORK_CLOTHES),
            31_000,
            "Two dogs in the back; wants it back by Friday noon.");
    customer("O. Penhale", "+00 555 0177", null, null, List.of(), null, null);
    UUID office =
        customer("Pilot office, Quay 3", "+00 555 0110", "tidy", null, List.of(), null, null);
    UUID ines =
        customer(
            "Ines Corrow", "+00 555 0163", "thorough", "none", List.of(Use.GLOVES), 9_000, null);
    return List.of(
        vehicle("Brindlewick Lumen, electric hatch", "PA 41 LUM", "five-seat", 2023, maren, null),
        vehicle("Oxmarrow Fells estate", "PA 07 FEL", "five-seat", 2018, oskar, null),
        vehicle("Tidewren 24 helm, berth 9", "Berth 9", "helm", 2015, office, pilots),
        vehicle("Pellarin Corvid saloon", "PA 88 COR", "five-seat", 2021, ines, null));
  }

  private UUID customer(
      String name,
      String phone,
      @Nullable String standard,
      @Nullable String protection,
      List<Use> uses,
      @Nullable Integer kmAYear,
      @Nullable String notes) {
    return customers
        .create(
            new CustomerForm(
                name,
                phone,
                null,
                "Port Ansley",
                notes,
                standard,
                "matt",
                protection,
                "temperate",
                uses,
                kmAYear,
                null))
        .id();
  }

  private UUID vehicle(
      String label, String plate, String layout, int built, UUID owner, @Nullable UUID fleet) {
    return vehicles
        .create(
            new VehicleForm(
                label, plate, layout, "left", built, null, null, false, owner, fleet, null))
        .id();
  }
}
