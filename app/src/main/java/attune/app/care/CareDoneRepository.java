package attune.app.care;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CareDoneRepository extends JpaRepository<CareDoneEntity, UUID> {
  List<CareDoneEntity> findByJobIdInOrderByDoneOn(Collection<UUID> jobIds);
}
