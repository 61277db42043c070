package attune.app.jobs;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface JobRepository extends JpaRepository<JobEntity, UUID> {
  List<JobEntity> findAllByOrderByStartAtAscTitleAsc();

  @Query(
      "select j from JobEntity j where j.state <> attune.app.jobs.JobState.HANDED_OVER"
          + " order by j.startAt, j.title")
  List<JobEntity> open();

  /** Not handed over yet, or begun later than a time. */
  @Query(
      "select j from JobEntity j where j.state <> attune.app.jobs.JobState.HANDED_OVER"
          + " or j.startAt > :since order by j.startAt, j.title")
  List<JobEntity> openOrSince(LocalDateTime since);

  /** Of those handed over with anything surveyed, the latest begun. */
  @Query(
      "select j from JobEntity j where j.state = attune.app.jobs.JobState.HANDED_OVER"
          + " and j.surveyed > 0 order by j.startAt desc, j.title")
  List<JobEntity> latestGone(Limit most);

  List<JobEntity> findByVehicleIdOrderByStartAtDesc(UUID vehicle);

  @Query(
      "select j from JobEntity j where lower(j.title) like :like escape '!'"
          + " or lower(j.vehicleLabel) like :like escape '!' order by j.startAt desc")
  List<JobEntity> search(String like, Limit most);

  @Modifying(clearAutomatically = true)
  @Query("update JobEntity j set j.vehicleId = :to where j.vehicleId = :from")
  void moveVehicle(UUID from, UUID to);
}
