package attune.app.people;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FleetRepository extends JpaRepository<FleetEntity, UUID> {
  List<FleetEntity> findAllByOrderByName();

  boolean existsByNameIgnoreCase(String name);
}
