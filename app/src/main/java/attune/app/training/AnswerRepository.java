package attune.app.training;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AnswerRepository extends JpaRepository<AnswerEntity, UUID> {
  List<AnswerEntity> findByPersonOrderByAnsweredAt(String person);

  List<AnswerEntity> findByTestIdIsNotNullOrderByAnsweredAt();
}
