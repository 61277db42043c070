package attune.app.shelf;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BottleRepository extends JpaRepository<BottleEntity, UUID> {
  List<BottleEntity> findByProductId(String product);
}
