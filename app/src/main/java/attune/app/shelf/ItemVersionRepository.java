package attune.app.shelf;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ItemVersionRepository extends JpaRepository<ItemVersionEntity, UUID> {
  long countByItemId(String item);
}
