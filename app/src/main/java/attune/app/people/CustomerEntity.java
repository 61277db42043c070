package attune.app.people;

import attune.app.people.PeopleViews.CustomerForm;
import attune.app.people.PeopleViews.Use;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.annotation.CreatedDate;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/** Somebody whose vehicles are looked after. */
@Entity
@Table(name = "customer")
@EntityListeners(AuditingEntityListener.class)
class CustomerEntity {
  @Id private UUID id;

  @Column(nullable = false)
  private String name;

  private @Nullable String phone;
  private @Nullable String email;
  private @Nullable String address;
  private @Nullable String notes;
  private @Nullable String standard;
  private @Nullable String sheen;
  private @Nullable String protection;
  private @Nullable String climate;

  @Column(nullable = false)
  private String uses;

  @Column(name = "km_a_year")
  private @Nullable Integer kmAYear;

  @CreatedDate
  @Column(nullable = false, updatable = false)
  private @Nullable LocalDateTime since;

  @Version private @Nullable Integer version;

  protected CustomerEntity() {}

  @SuppressWarnings("NullAway.Init") // take() fills in the rest
  CustomerEntity(UUID id) {
    this.id = id;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  int version() {
    return version == null ? 0 : version;
  }

  CustomerForm form() {
    List<Use> list =
        Arrays.stream(uses.split(",")).filter(word -> !word.isEmpty()).map(Use::valueOf).toList();
    return new CustomerForm(
        name,
        phone,
        email,
        address,
        notes,
        standard,
        sheen,
        protection,
        climate,
        list,
        kmAYear,
        version);
  }

  void take(CustomerForm form) {
    name = form.name().strip();
    phone = Texts.orNull(form.phone());
    email = Texts.orNull(form.email());
    address = Texts.orNull(form.address());
    notes = Texts.orNull(form.notes());
    standard = form.standard();
    sheen = form.sheen();
    protection = form.protection();
    climate = form.climate();
    Set<Use> all = EnumSet.noneOf(Use.class);
    all.addAll(form.uses());
    uses = all.stream().map(Enum::name).collect(Collectors.joining(","));
    kmAYear = form.kmAYear();
  }
}
