package attune.app.shelf;

import attune.app.shelf.StockViews.ClothForm;
import attune.app.shelf.StockViews.ClothUse;
import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** What a cloth or applicator on the shelf is like beyond its record, and where its pieces are. */
@Entity
@Table(name = "cloth_lot")
class ClothLotEntity {
  private static final int QUARTERED = 8;

  @Id
  @Column(name = "tool_id")
  private String toolId;

  private @Nullable String colour;

  @Column(nullable = false)
  private int faces = QUARTERED;

  @Column(nullable = false)
  private String uses = "";

  @Column(name = "to_wash", nullable = false)
  private int toWash;

  @Column(nullable = false)
  private int thrown;

  protected ClothLotEntity() {}

  ClothLotEntity(String toolId) {
    this.toolId = toolId;
  }

  String toolId() {
    return toolId;
  }

  @Nullable
  String colour() {
    return colour;
  }

  int faces() {
    return faces;
  }

  List<ClothUse> uses() {
    return Arrays.stream(uses.split(","))
        .filter(word -> !word.isEmpty())
        .map(ClothUse::valueOf)
        .toList();
  }

  int toWash() {
    return toWash;
  }

  int thrown() {
    return thrown;
  }

  void take(ClothForm form) {
    colour = form.colour() == null || form.colour().isBlank() ? null : form.colour().strip();
    faces = form.faces();
    uses = form.uses().stream().distinct().map(Enum::name).collect(Collectors.joining(","));
  }

  void soil(int pieces) {
    toWash += pieces;
  }

  /** All that waited come back clean. */
  int wash() {
    int washed = toWash;
    toWash = 0;
    return washed;
  }

  void throwAway(int pieces) {
    thrown += pieces;
  }
}
