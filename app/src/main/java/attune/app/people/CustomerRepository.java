package attune.app.people;

import attune.app.people.PeopleViews.CustomerLine;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CustomerRepository extends JpaRepository<CustomerEntity, UUID> {
  String LINE =
      "select new attune.app.people.PeopleViews$CustomerLine(c.id, c.name, c.phone, c.email,"
          + " (select count(v) from VehicleEntity v where v.customer = c)) from CustomerEntity c ";

  @Query(
      LINE
          + "where lower(c.name) like :like escape '!' or lower(c.phone) like :like escape '!'"
          + " or lower(c.email) like :like escape '!' or lower(c.notes) like :like escape '!'"
          + " order by lower(c.name)")
  List<CustomerLine> search(String like, Limit most);

  @Query(
      LINE
          + "where c.id <> :id and (lower(c.name) = lower(:name)"
          + " or (c.phone is not null and c.phone = :phone)"
          + " or (c.email is not null and lower(c.email) = lower(:email))) order by c.name")
  List<CustomerLine> likelySame(
      UUID id, String name, @Nullable String phone, @Nullable String email);

  @Query(LINE + "where c.id = :id")
  CustomerLine line(UUID id);
}
