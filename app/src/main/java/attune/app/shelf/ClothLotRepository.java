package attune.app.shelf;

import org.springframework.data.jpa.repository.JpaRepository;

interface ClothLotRepository extends JpaRepository<ClothLotEntity, String> {}
