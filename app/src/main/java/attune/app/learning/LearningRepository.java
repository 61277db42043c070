package attune.app.learning;

import org.springframework.data.jpa.repository.JpaRepository;

interface LearningRepository extends JpaRepository<LearningEntity, Integer> {}
