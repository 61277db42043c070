package attune.app.people;

import attune.app.people.PeopleViews.CustomerForm;
import attune.app.people.PeopleViews.CustomerLine;
import attune.app.people.PeopleViews.CustomerView;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's customers. */
@Service
@Transactional
public class CustomerService {
  private static final Phrases PHRASES = Phrases.of(CustomerService.class);

  private static final Limit MOST = Limit.of(200);

  /** A customer's data is going; whoever holds a name of theirs lets go of it as well. */
  public record Forgotten(List<UUID> vehicles) {}

  private final CustomerRepository customers;
  private final VehicleRepository vehicles;
  private final ApplicationEventPublisher events;

  CustomerService(
      CustomerRepository customers, VehicleRepository vehicles, ApplicationEventPublisher events) {
    this.customers = customers;
    this.vehicles = vehicles;
    this.events = events;
  }

  /** Customers whose name, phone, e-mail or notes hold the words; all for none. */
  @Transactional(readOnly = true)
  public List<CustomerLine> search(String words) {
    return customers.search(like(words), MOST);
  }

  /** A pattern for "holds these words", signs of the pattern language taken as themselves. */
  public static String like(String words) {
    String plain = words.strip().toLowerCase(Locale.ROOT).replaceAll("([!%_])", "!$1");
    return "%" + plain + "%";
  }

  @Transactional(readOnly = true)
  public CustomerView get(UUID id) {
    return view(customer(id));
  }

  public CustomerView create(CustomerForm form) {
    CustomerEntity customer = new CustomerEntity(UUID.randomUUID());
    customer.take(form);
    return view(customers.saveAndFlush(customer));
  }

  public CustomerView change(UUID id, CustomerForm form) {
    CustomerEntity customer = customer(id);
    if (form.version() == null || form.version() != customer.version()) {
      throw new ObjectOptimisticLockingFailureException(CustomerEntity.class, id);
    }
    customer.take(form);
    customers.flush();
    return view(customer);
  }

  /** Takes another record of the same person in: its vehicles move, gaps are filled from it. */
  public CustomerView merge(UUID id, UUID otherId) {
    if (id.equals(otherId)) {
      throw new InvalidInputException(
          "/other", PHRASES.say("the-same-customer"), PHRASES.say("another-one"));
    }
    CustomerEntity kept = customer(id);
    CustomerEntity other = customer(otherId);
    vehicles.findByCustomerId(otherId).forEach(vehicle -> vehicle.belongTo(kept));
    kept.take(filled(kept.form(), other.form()));
    vehicles.flush();
    customers.delete(other);
    customers.flush();
    return view(kept);
  }

  private static CustomerForm filled(CustomerForm a, CustomerForm b) {
    Set<PeopleViews.Use> uses = new LinkedHashSet<>(a.uses());
    uses.addAll(b.uses());
    String notes = Texts.both(a.notes(), b.notes());
    return new CustomerForm(
        a.name(),
        Texts.or(a.phone(), b.phone()),
        Texts.or(a.email(), b.email()),
        Texts.or(a.address(), b.address()),
        notes == null || notes.length() <= 2000 ? notes : notes.substring(0, 2000),
        Texts.or(a.standard(), b.standard()),
        Texts.or(a.sheen(), b.sheen()),
        Texts.or(a.protection(), b.protection()),
        Texts.or(a.climate(), b.climate()),
        List.copyOf(uses),
        Texts.or(a.kmAYear(), b.kmAYear()),
        a.version());
  }

  /** Deletes everything personal for good; the vehicles and what was used on them stay. */
  public void forget(UUID id) {
    CustomerEntity customer = customer(id);
    List<VehicleEntity> theirs = vehicles.findByCustomerId(id);
    theirs.forEach(VehicleEntity::forgetOwner);
    vehicles.flush();
    customers.delete(customer);
    customers.flush();
    events.publishEvent(new Forgotten(theirs.stream().map(VehicleEntity::id).toList()));
  }

  CustomerEntity customer(UUID id) {
    return customers
        .findById(id)
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-customer")));
  }

  private CustomerView view(CustomerEntity customer) {
    CustomerForm form = customer.form();
    return new CustomerView(
        customer.id(),
        form,
        vehicles.ofCustomer(customer.id()),
        customers.likelySame(customer.id(), form.name(), form.phone(), form.email()));
  }
}
