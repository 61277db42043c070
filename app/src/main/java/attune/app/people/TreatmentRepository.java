package attune.app.people;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface TreatmentRepository extends JpaRepository<TreatmentEntity, UUID> {
  List<TreatmentEntity> findByVehicleIdOrderByDoneOnDescPanelAscStepAsc(UUID vehicle);

  boolean existsByJobId(UUID job);

  @Modifying
  @Query("update TreatmentEntity t set t.vehicleId = :to where t.vehicleId = :from")
  void move(UUID from, UUID to);
}
