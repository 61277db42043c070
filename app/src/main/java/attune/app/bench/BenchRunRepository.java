package attune.app.bench;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BenchRunRepository extends JpaRepository<BenchRunEntity, UUID> {}
