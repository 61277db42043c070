package attune.app.training;

import org.springframework.data.jpa.repository.JpaRepository;

interface GateRepository extends JpaRepository<GateEntity, String> {}
