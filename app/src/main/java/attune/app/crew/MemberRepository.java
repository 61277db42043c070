package attune.app.crew;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MemberRepository extends JpaRepository<MemberEntity, UUID> {
  List<MemberEntity> findByLeftAtIsNullOrderByName();

  Optional<MemberEntity> findByName(String name);
}
