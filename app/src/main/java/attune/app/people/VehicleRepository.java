package attune.app.people;

import attune.app.people.PeopleViews.VehicleLine;
import jakarta.annotation.Nullable;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface VehicleRepository extends JpaRepository<VehicleEntity, UUID> {
  String LINE =
      "select new attune.app.people.PeopleViews$VehicleLine(v.id, v.label, v.plate, v.layout,"
          + " c.name, f.name) from VehicleEntity v left join v.customer c left join v.fleet f ";

  @Query(
      LINE
          + "where lower(v.label) like :like escape '!' or lower(v.plate) like :like escape '!'"
          + " or lower(c.name) like :like escape '!' or lower(f.name) like :like escape '!'"
          + " order by lower(v.label)")
  List<VehicleLine> search(String like, Limit most);

  @Query(LINE + "where c.id = :customer order by lower(v.label)")
  List<VehicleLine> ofCustomer(UUID customer);

  @Query(
      LINE
          + "where v.id <> :id and ((v.plate is not null and v.plate = :plate)"
          + " or (lower(v.label) = lower(:label) and v.layout = :layout)) order by v.label")
  List<VehicleLine> likelySame(UUID id, @Nullable String plate, String label, String layout);

  @EntityGraph(attributePaths = "customer")
  List<VehicleEntity> findByIdIn(Collection<UUID> ids);

  List<VehicleEntity> findByCustomerId(UUID customer);
}
