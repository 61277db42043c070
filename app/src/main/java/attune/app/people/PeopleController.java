package attune.app.people;

import attune.app.people.PeopleViews.CustomerForm;
import attune.app.people.PeopleViews.CustomerLine;
import attune.app.people.PeopleViews.CustomerView;
import attune.app.people.PeopleViews.FleetForm;
import attune.app.people.PeopleViews.FleetView;
import attune.app.people.PeopleViews.MergeRequest;
import attune.app.people.PeopleViews.VehicleForm;
import attune.app.people.PeopleViews.VehicleLine;
import attune.app.people.PeopleViews.VehicleView;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Customers, vehicles and fleets over HTTP. */
@RestController
@RequestMapping("/api/v1")
class PeopleController {
  private final CustomerService customers;
  private final VehicleService vehicles;

  PeopleController(CustomerService customers, VehicleService vehicles) {
    this.customers = customers;
    this.vehicles = vehicles;
  }

  @GetMapping("/customers")
  List<CustomerLine> customers(@RequestParam(defaultValue = "") String q) {
    return customers.search(q);
  }

  @PostMapping("/customers")
  @ResponseStatus(HttpStatus.CREATED)
  CustomerView create(@Valid @RequestBody CustomerForm form) {
    return customers.create(form);
  }

  @GetMapping("/customers/{id}")
  CustomerView customer(@PathVariable UUID id) {
    return customers.get(id);
  }

  @PutMapping("/customers/{id}")
  CustomerView change(@PathVariable UUID id, @Valid @RequestBody CustomerForm form) {
    return customers.change(id, form);
  }

  @PostMapping("/customers/{id}/merge")
  CustomerView mergeCustomer(@PathVariable UUID id, @Valid @RequestBody MergeRequest request) {
    return customers.merge(id, request.other());
  }

  @DeleteMapping("/customers/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable UUID id) {
    customers.forget(id);
  }

  @GetMapping("/vehicles")
  List<VehicleLine> vehicles(@RequestParam(defaultValue = "") String q) {
    return vehicles.search(q);
  }

  @PostMapping("/vehicles")
  @ResponseStatus(HttpStatus.CREATED)
  VehicleView create(@Valid @RequestBody VehicleForm form) {
    return vehicles.create(form);
  }

  @GetMapping("/vehicles/{id}")
  VehicleView vehicle(@PathVariable UUID id) {
    return vehicles.get(id);
  }

  @PutMapping("/vehicles/{id}")
  VehicleView change(@PathVariable UUID id, @Valid @RequestBody VehicleForm form) {
    return vehicles.change(id, form);
  }

  @PostMapping("/vehicles/{id}/merge")
  VehicleView mergeVehicle(@PathVariable UUID id, @Valid @RequestBody MergeRequest request) {
    return vehicles.merge(id, request.other());
  }

  @GetMapping("/fleets")
  List<FleetView> fleets() {
    return vehicles.fleets();
  }

  @PostMapping("/fleets")
  @ResponseStatus(HttpStatus.CREATED)
  FleetView create(@Valid @RequestBody FleetForm form) {
    return vehicles.create(form);
  }
}
