package attune.app.shelf;

import org.springframework.data.jpa.repository.JpaRepository;

interface SafetySheetRepository extends JpaRepository<SafetySheetEntity, String> {}
