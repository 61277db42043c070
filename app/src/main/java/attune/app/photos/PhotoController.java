package attune.app.photos;

import attune.app.photos.PhotoViews.Moment;
import attune.app.photos.PhotoViews.PhotoForm;
import attune.app.photos.PhotoViews.PhotoView;
import jakarta.validation.Valid;
import java.io.IOException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Photos over HTTP. */
@RestController
@RequestMapping("/api/v1/jobs/{id}/photos")
class PhotoController {
  private static final Duration A_YEAR = Duration.ofDays(365);

  private final PhotoService photos;

  PhotoController(PhotoService photos) {
    this.photos = photos;
  }

  @GetMapping
  List<PhotoView> all(@PathVariable UUID id) {
    return photos.of(id);
  }

  /**
   * Keeps a photo.
   *
   * @param photoId given by the device, so that it counts once however often it is sent
   * @param takenAt when it was taken, where it could not be sent at once
   */
  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  PhotoView add(
      @PathVariable UUID id,
      @RequestPart("file") MultipartFile file,
      @RequestParam Moment moment,
      @RequestParam(required = false) String surfaceId,
      @RequestParam(required = false) UUID photoId,
      @RequestParam(required = false) LocalDateTime takenAt)
      throws IOException {
    PhotoForm form = new PhotoForm(surfaceId, moment, null, null);
    return photos.add(id, file.getBytes(), form, photoId, takenAt);
  }

  @PutMapping("/{photoId}")
  PhotoView change(
      @PathVariable UUID id, @PathVariable UUID photoId, @Valid @RequestBody PhotoForm form) {
    return photos.change(id, photoId, form);
  }

  @DeleteMapping("/{photoId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id, @PathVariable UUID photoId) {
    photos.delete(id, photoId);
  }

  @GetMapping(value = "/{photoId}/picture", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<Resource> picture(
      @PathVariable UUID id,
      @PathVariable UUID photoId,
      @RequestParam(defaultValue = "false") boolean small) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.maxAge(A_YEAR).cachePrivate().immutable())
        .body(photos.picture(id, photoId, small));
  }
}
