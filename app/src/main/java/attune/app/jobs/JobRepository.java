package attune.app.jobs;

import java.time.LocalDateTime;
import java.util.Collection;
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

  /** Jobs with the number of the revision each stands at. */
  @Query("select j.id as job, j.currentRevision as number from JobEntity j where j.id in :jobs")
  List<Numbered> revisionNumbers(Collection<UUID> jobs);

  /** A job and the number of its revision. */
  interface Numbered {
    UUID getJob();

    int getNumber();
  }

  /** All jobs on the vehicles of some jobs. */
  @Query(
      "select new attune.app.jobs.VehicleVisit(j.id, j.vehicleId, j.state, j.startAt) from JobEntity j"
          + " where j.vehicleId in (select k.vehicleId from JobEntity k where k.id in :jobs)")
  List<VehicleVisit> visitsOfSameVehicles(Collection<UUID> jobs);

  @Query(
      "select j from JobEntity j where lower(j.title) like :like escape '!'"
          + " or lower(j.vehicleLabel) like :like escape '!' order by j.startAt desc")
  List<JobEntity> search(String like, Limit most);

  @Modifying(clearAutomatically = true)
  @Query("update JobEntity j set j.vehicleId = :to where j.vehicleId = :from")
  void moveVehicle(UUID from, UUID to);
}
