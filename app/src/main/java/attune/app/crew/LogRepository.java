package attune.app.crew;

import jakarta.annotation.Nullable;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Takes lines and gives them back; there is no way to take one out. */
interface LogRepository extends Repository<LogEntity, Long> {
  LogEntity save(LogEntity entry);

  @Query(
      "select e from LogEntity e where (:kind is null or e.kind = :kind)"
          + " and (:who is null or e.who = :who) order by e.id desc")
  List<LogEntity> latest(@Nullable LogKind kind, @Nullable String who, Limit most);
}
