package attune.app.retention;

import attune.app.retention.RetentionViews.Overdue;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RetentionRepository extends JpaRepository<RetentionEntity, Integer> {
  /** Customers none of whose vehicles was here since; who never was, by when they were written. */
  String NOT_SINCE =
      "from CustomerEntity c where not exists (select j from JobEntity j, VehicleEntity v where"
          + " v.customer = c and j.vehicleId = v.id and (j.startAt >= :before or j.handedOverAt >="
          + " :before)) and (c.since < :before or exists (select j from JobEntity j, VehicleEntity v"
          + " where v.customer = c and j.vehicleId = v.id))";

  @Query(
      "select new attune.app.retention.RetentionViews$Overdue(c.id, c.name, (select"
          + " max(coalesce(j.handedOverAt, j.startAt)) from JobEntity j, VehicleEntity v where"
          + " v.customer = c and j.vehicleId = v.id)) "
          + NOT_SINCE
          + " order by lower(c.name)")
  List<Overdue> notSince(LocalDateTime before, Limit most);

  @Query("select count(c) " + NOT_SINCE)
  long countNotSince(LocalDateTime before);

  @Query("select c.id " + NOT_SINCE)
  List<UUID> idsNotSince(LocalDateTime before);
}
