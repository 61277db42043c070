package attune.app.photos;

import attune.app.author.Authored;
import attune.app.photos.PhotoViews.Moment;
import attune.app.photos.PhotoViews.PhotoForm;
import attune.app.photos.PhotoViews.PhotoView;
import attune.app.photos.Pictures.Picture;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;

/** What is known of a photo; its pixels lie in a file. */
@Entity
@Table(name = "photo")
class PhotoEntity extends Authored {
  @Id private UUID id;

  @Column(name = "job_id", nullable = false)
  private UUID jobId;

  @Column(name = "surface_id")
  private @Nullable String surfaceId;

  @Enumerated(EnumType.STRING)
  @Column(nullable = false)
  private Moment moment;

  private @Nullable String caption;

  @Column(nullable = false)
  private int width;

  @Column(nullable = false)
  private int height;

  @Column(nullable = false)
  private long bytes;

  private @Nullable String line;

  @Column(nullable = false)
  private LocalDateTime at;

  protected PhotoEntity() {}

  @SuppressWarnings("NullAway.Init") // take() fills in the rest
  PhotoEntity(UUID id, UUID jobId, Picture picture, PhotoForm form, LocalDateTime at) {
    this.id = id;
    this.jobId = jobId;
    this.width = picture.width();
    this.height = picture.height();
    this.bytes = picture.jpeg().length;
    this.at = at;
    take(form);
  }

  UUID id() {
    return id;
  }

  UUID jobId() {
    return jobId;
  }

  void take(PhotoForm form) {
    surfaceId = form.surfaceId();
    moment = form.moment();
    caption = form.caption() == null || form.caption().isBlank() ? null : form.caption().strip();
    line =
        form.line() == null
            ? null
            : form.line().stream().map(String::valueOf).collect(Collectors.joining(" "));
  }

  PhotoView view() {
    List<Double> ends =
        line == null ? null : Arrays.stream(line.split(" ")).map(Double::valueOf).toList();
    return new PhotoView(id, surfaceId, moment, caption, width, height, ends, at);
  }
}
