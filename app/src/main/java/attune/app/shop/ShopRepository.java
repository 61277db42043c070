package attune.app.shop;

import org.springframework.data.jpa.repository.JpaRepository;

interface ShopRepository extends JpaRepository<ShopEntity, Integer> {}
