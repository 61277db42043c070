package attune.app.cloth;

import attune.app.cloth.ClothViews.ClothPatches;
import attune.app.cloth.ClothViews.ClothReadingView;
import attune.app.cloth.ClothViews.ClothRequest;
import attune.app.cloth.ClothViews.FaceView;
import attune.app.cloth.ClothViews.HalfPatches;
import attune.app.cloth.ClothViews.HalfView;
import attune.app.cloth.ClothViews.PatchView;
import attune.app.photos.PhotoService;
import attune.app.photos.ReadPicture;
import attune.app.reference.ReferenceData;
import attune.core.check.InvalidInputException;
import attune.core.colour.ClothReading;
import attune.core.colour.HalfAndHalf;
import attune.core.colour.Lab;
import attune.core.colour.Patch;
import attune.core.colour.Srgb;
import jakarta.validation.Valid;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Reads cloths and halves, from colours or from a photo; nothing sent is kept. */
@RestController
@RequestMapping("/api/v1")
class ClothController {
  private static final String WHITE = "#f2f1ec";

  private final ReferenceData reference;
  private final PhotoService photos;

  ClothController(ReferenceData reference, PhotoService photos) {
    this.reference = reference;
    this.photos = photos;
  }

  @PostMapping("/cloth-reading")
  ClothReadingView read(@Valid @RequestBody ClothRequest request) {
    Srgb clean = colour("/clean", request.clean() == null ? WHITE : request.clean());
    List<Srgb> faces = new ArrayList<>();
    for (int i = 0; i < request.faces().size(); i++) {
      faces.add(colour("/faces/" + i, request.faces().get(i)));
    }
    Optional<Srgb> trim =
        Optional.ofNullable(request.trim()).filter(t -> !t.isBlank()).map(t -> colour("/trim", t));
    return view(
        clean,
        faces,
        trim,
        ClothReading.of(
            Lab.of(clean),
            faces.stream().map(Lab::of).toList(),
            trim.map(Lab::of),
            reference.figures()));
  }

  private static Srgb colour(String pointer, String text) {
    try {
      return Srgb.parse(text);
    } catch (InvalidInputException e) {
      var fault = e.faults().get(0);
      throw new InvalidInputException(pointer, fault.found(), fault.allowed());
    }
  }

  @PostMapping(value = "/cloth-reading/photo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  ClothReadingView read(
      @RequestPart("file") MultipartFile file, @Valid @RequestPart("patches") ClothPatches patches)
      throws IOException {
    ReadPicture picture = ReadPicture.of(file.getBytes());
    Patch clean = patch(picture, "/clean", patches.clean());
    List<Patch> faces = new ArrayList<>();
    for (int i = 0; i < patches.faces().size(); i++) {
      faces.add(patch(picture, "/faces/" + i, patches.faces().get(i)));
    }
    Optional<Patch> trim = Optional.ofNullable(patches.trim()).map(t -> patch(picture, "/trim", t));
    return view(
        clean.swatch(),
        faces.stream().map(Patch::swatch).toList(),
        trim.map(Patch::swatch),
        ClothReading.of(
            clean.colour(),
            faces.stream().map(Patch::colour).toList(),
            trim.map(Patch::colour),
            reference.figures()));
  }

  @PostMapping(value = "/half-and-half/photo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  HalfView half(
      @RequestPart("file") MultipartFile file, @Valid @RequestPart("patches") HalfPatches patches)
      throws IOException {
    ReadPicture picture = ReadPicture.of(file.getBytes());
    Patch cleaned = patch(picture, "/cleaned", patches.cleaned());
    Patch other = patch(picture, "/other", patches.other());
    return view(cleaned, other);
  }

  /** A half-and-half kept with a job, read on either side of its line. */
  @GetMapping("/jobs/{id}/photos/{photoId}/halves")
  HalfView halves(
      @PathVariable UUID id, @PathVariable UUID photoId, @RequestParam boolean leftCleaned) {
    PhotoService.Halves halves = photos.halves(id, photoId);
    Patch left = Patch.of(halves.picture().beside(halves.line(), true));
    Patch right = Patch.of(halves.picture().beside(halves.line(), false));
    return leftCleaned ? view(left, right) : view(right, left);
  }

  private HalfView view(Patch cleaned, Patch other) {
    HalfAndHalf half = HalfAndHalf.of(cleaned, other, reference.figures());
    return new HalfView(
        cleaned.swatch().code(),
        other.swatch().code(),
        tenth(half.deltaL()),
        tenth(half.deltaB()),
        tenth(half.deltaE()),
        Math.round(half.sheenRatio() * 100) / 100.0,
        half.seen(),
        half.text());
  }

  private static Patch patch(ReadPicture picture, String pointer, PatchView p) {
    try {
      return Patch.of(picture.pixels(pointer, p.x(), p.y(), p.w(), p.h()));
    } catch (InvalidInputException e) {
      var fault = e.faults().get(0);
      throw new InvalidInputException(pointer, fault.found(), fault.allowed());
    }
  }

  private static ClothReadingView view(
      Srgb clean, List<Srgb> colours, Optional<Srgb> trim, ClothReading reading) {
    List<FaceView> faces = new ArrayList<>();
    for (int i = 0; i < colours.size(); i++) {
      ClothReading.Face face = reading.faces().get(i);
      faces.add(
          new FaceView(
              colours.get(i).code(),
              tenth(face.deltaE()),
              tenth(face.deltaL()),
              tenth(face.chroma()),
              Math.round(face.hue())));
    }
    return new ClothReadingView(
        reading.taken().code(),
        reading.progress().code(),
        reading.stop(),
        reading.text(),
        clean.code(),
        trim.map(Srgb::code).orElse(null),
        faces);
  }

  private static double tenth(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
