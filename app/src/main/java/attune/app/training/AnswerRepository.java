package attune.app.training;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AnswerRepository extends JpaRepository<AnswerEntity, UUID> {
  List<AnswerEntity> findByPersonOrderByAnsweredAt(String person);

  List<AnswerEntity> findByTestIdIsNotNullOrderByAnsweredAt();

  @Modifying(clearAutomatically = true, flushAutomatically = true)
  @Query("update AnswerEntity a set a.person = :name where a.person = :before")
  void rename(String before, String name);
}
