package attune.app.shelf;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShelfItemRepository extends JpaRepository<ShelfItemEntity, String> {
  List<ShelfItemEntity> findAllByOrderByPosition();

  List<ShelfItemEntity> findByKindAndArchivedTrueOrderByPosition(String kind);
}
