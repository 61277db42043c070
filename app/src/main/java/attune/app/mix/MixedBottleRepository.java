package attune.app.mix;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MixedBottleRepository extends JpaRepository<MixedBottleEntity, UUID> {
  List<MixedBottleEntity> findByPouredFalseOrderByMixedAtDesc();
}
