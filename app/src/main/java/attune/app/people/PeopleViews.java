package attune.app.people;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** What goes in and out of the endpoints for customers, vehicles and fleets. */
public final class PeopleViews {
  private PeopleViews() {}

  /** What a cabin has to stand. */
  public enum Use {
    PETS,
    DENIM,
    CHILDREN,
    GLOVES,
    SMOKING,
    WORK_CLOTHES
  }

  /**
   * A customer as written down.
   *
   * @param version as it was read, so that nobody's change is overwritten; null for a new one
   */
  public record CustomerForm(
      @NotBlank(message = "{a-name}") @Size(max = 120, message = "{at-most-120-characters}")
          String name,
      @Nullable @Size(max = 40, message = "{at-most-40-characters}") String phone,
      @Nullable
          @Email(message = "{an-address-such-as-name-place}")
          @Size(max = 200, message = "{at-most-200-characters}")
          String email,
      @Nullable @Size(max = 300, message = "{at-most-300-characters}") String address,
      @Nullable @Size(max = 2000, message = "{at-most-2000-characters}") String notes,
      @Nullable @Pattern(regexp = "tidy|thorough|exacting", message = "{tidy-thorough-or-exacting}")
          String standard,
      @Nullable @Pattern(regexp = "matt|satin|gloss", message = "{matt-satin-or-gloss}")
          String sheen,
      @Nullable
          @Pattern(
              regexp = "none|dressing|barrier|coating",
              message = "{none-dressing-barrier-or-coating}")
          String protection,
      @Nullable @Pattern(regexp = "temperate|hot|cold-wet", message = "{temperate-hot-or-cold-wet}")
          String climate,
      @NotNull(message = "{a-list-possibly-empty}") List<@NotNull(message = "{a-use}") Use> uses,
      @Nullable
          @Min(value = 0, message = "{0-or-more}")
          @Max(value = 500_000, message = "{at-most-500-000}")
          Integer kmAYear,
      @Nullable Integer version) {}

  /** A customer in a list. */
  public record CustomerLine(
      UUID id, String name, @Nullable String phone, @Nullable String email, long vehicles) {}

  /**
   * A customer in full.
   *
   * @param likelySame others that look like the same person
   */
  public record CustomerView(
      UUID id, CustomerForm form, List<VehicleLine> vehicles, List<CustomerLine> likelySame) {}

  /** A vehicle as written down. */
  public record VehicleForm(
      @NotBlank(message = "{what-the-vehicle-is-called}")
          @Size(max = 200, message = "{at-most-200-characters}")
          String label,
      @Nullable @Size(max = 20, message = "{at-most-20-characters}") String plate,
      @NotBlank(message = "{a-layout}") String layout,
      @Nullable @Pattern(regexp = "left|right", message = "{left-or-right}") String drive,
      @Nullable
          @Min(value = 1900, message = "{1900-or-later}")
          @Max(value = 2100, message = "{2100-or-earlier}")
          Integer builtYear,
      @Nullable @Size(max = 120, message = "{at-most-120-characters}") String trim,
      @Nullable
          @Min(value = 0, message = "{0-or-more}")
          @Max(value = 5_000_000, message = "{at-most-5-000-000}")
          Integer odometerKm,
      boolean historyKnown,
      @Nullable UUID customerId,
      @Nullable UUID fleetId,
      @Nullable Integer version) {}

  /** A vehicle in a list. */
  public record VehicleLine(
      UUID id,
      String label,
      @Nullable String plate,
      String layout,
      @Nullable String customer,
      @Nullable String fleet) {}

  /** A vehicle in full. */
  public record VehicleView(
      UUID id,
      VehicleForm form,
      @Nullable CustomerLine customer,
      @Nullable FleetView fleet,
      List<VehicleLine> likelySame) {}

  /** A fleet. */
  public record FleetView(UUID id, String name, @Nullable String notes) {}

  /** A new fleet. */
  public record FleetForm(
      @NotBlank(message = "{a-name}") @Size(max = 120, message = "{at-most-120-characters}")
          String name,
      @Nullable @Size(max = 2000, message = "{at-most-2000-characters}") String notes) {}

  /** Which other one is the same and goes into this one. */
  public record MergeRequest(@NotNull(message = "{the-id-of-the-other-one}") UUID other) {}

  /**
   * A product used on a panel.
   *
   * @param step of the plan, such as clean or coat
   * @param ph on the surface, where it was known
   * @param stiffness of the tool, 0 to 10, where one was worked with
   */
  public record Treatment(
      UUID jobId,
      String surfaceId,
      String panel,
      LocalDate doneOn,
      String step,
      String productId,
      String product,
      @Nullable String ratio,
      @Nullable Double ph,
      @Nullable Double contactMin,
      @Nullable Integer passes,
      @Nullable Integer stiffness,
      boolean coated) {}
}
