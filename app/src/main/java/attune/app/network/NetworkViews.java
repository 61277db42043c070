package attune.app.network;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** What goes in and out of the shop's network. */
public final class NetworkViews {
  private NetworkViews() {}

  /** A device that was let in. */
  public record DeviceView(UUID id, String name, LocalDateTime pairedAt, LocalDateTime seenAt) {}

  /**
   * Where the shop is reached, and by what.
   *
   * @param address that leads here from another device; none on this machine alone
   * @param here whether whoever asks sits at the machine itself
   */
  public record NetworkView(@Nullable String address, boolean here, List<DeviceView> devices) {}

  /**
   * A way in for one device, once.
   *
   * @param code six digits
   * @param address to open, with the code in it
   * @param picture that address as rows of a QR code, # for dark
   */
  public record InviteView(
      String code, String address, List<String> picture, LocalDateTime expiresAt) {}

  /** A device that asks to be let in. */
  public record PairRequest(
      @NotNull(message = "{six-digits}") @Pattern(regexp = "[0-9]{6}", message = "{six-digits}")
          String code,
      @NotBlank(message = "{a-name-for-the-device}")
          @Size(max = 60, message = "{at-most-60-characters}")
          String name) {}
}
