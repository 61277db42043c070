package attune.app.photos;

import attune.app.jobs.JobService;
import attune.app.photos.PhotoViews.PhotoForm;
import attune.app.photos.PhotoViews.PhotoView;
import attune.app.photos.Pictures.Picture;
import attune.app.web.NotNowException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.UUID;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Photos of a job, on disk beside the database. */
@Service
@Transactional
public class PhotoService {
  private static final Phrases PHRASES = Phrases.of(PhotoService.class);

  private static final int MOST = 500;

  private final PhotoRepository photos;
  private final PhotoFiles files;
  private final JobService jobs;
  private final Clock clock;

  PhotoService(PhotoRepository photos, PhotoFiles files, JobService jobs, Clock clock) {
    this.photos = photos;
    this.files = files;
    this.jobs = jobs;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public List<PhotoView> of(UUID jobId) {
    jobs.document(jobId);
    return photos.findByJobIdOrderByAtAsc(jobId).stream().map(PhotoEntity::view).toList();
  }

  public PhotoView add(UUID jobId, byte[] file, PhotoForm form) {
    return add(jobId, file, form, null, null);
  }

  /**
   * The same from a device that may send it twice, or late.
   *
   * @param id given by the device, or null
   * @param takenAt null for now; nothing is taken later than now
   */
  public PhotoView add(
      UUID jobId, byte[] file, PhotoForm form, @Nullable UUID id, @Nullable LocalDateTime takenAt) {
    if (id != null && photos.existsById(id)) {
      return photo(jobId, id).view();
    }
    check(jobId, form);
    if (photos.countByJobId(jobId) >= MOST) {
      throw new NotNowException(PHRASES.say("this-job-has-photos-delete", MOST));
    }
    Pictures.check(file);
    Picture large = Pictures.scaled(file, Pictures.LARGE);
    Picture small = Pictures.scaled(large.jpeg(), Pictures.SMALL);
    LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    LocalDateTime at = takenAt == null || takenAt.isAfter(now) ? now : takenAt;
    PhotoEntity photo =
        photos.saveAndFlush(
            new PhotoEntity(id == null ? UUID.randomUUID() : id, jobId, large, form, at));
    files.write(photo.id(), large.jpeg(), small.jpeg());
    return photo.view();
  }

  public PhotoView change(UUID jobId, UUID id, PhotoForm form) {
    check(jobId, form);
    PhotoEntity photo = photo(jobId, id);
    photo.take(form);
    photos.flush();
    return photo.view();
  }

  private void check(UUID jobId, PhotoForm form) {
    if (form.surfaceId() == null) {
      jobs.document(jobId);
    } else {
      jobs.likely(jobId, form.surfaceId());
    }
  }

  public void delete(UUID jobId, UUID id) {
    photos.delete(photo(jobId, id));
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            files.delete(id);
          }
        });
  }

  @Transactional(readOnly = true)
  public Resource picture(UUID jobId, UUID id, boolean small) {
    Resource file = files.read(photo(jobId, id).id(), small);
    if (!file.exists()) {
      throw new NoSuchElementException(PHRASES.say("the-photos-file-is-missing"));
    }
    return file;
  }

  /**
   * A stored half-and-half, to be read.
   *
   * @throws NotNowException while no line has been drawn on it
   */
  @Transactional(readOnly = true)
  public Halves halves(UUID jobId, UUID id) {
    List<Double> line = photo(jobId, id).view().line();
    if (line == null) {
      throw new NotNowException(PHRASES.say("draw-the-line-between-the"));
    }
    try (InputStream in = picture(jobId, id, false).getInputStream()) {
      return new Halves(ReadPicture.of(in.readAllBytes()), line);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A picture and the line between its halves. */
  public record Halves(ReadPicture picture, List<Double> line) {}

  private PhotoEntity photo(UUID jobId, UUID id) {
    return photos
        .findById(id)
        .filter(p -> p.jobId().equals(jobId))
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-photo")));
  }
}
