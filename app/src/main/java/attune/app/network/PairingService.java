package attune.app.network;

import attune.app.network.NetworkViews.DeviceView;
import attune.app.network.NetworkViews.InviteView;
import attune.app.network.NetworkViews.PairRequest;
import attune.app.web.NotNowException;
import attune.app.web.ShopNetwork;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import jakarta.annotation.Nullable;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Lets devices in and cuts them off. A code is good for ten minutes, for one device, and for five
 * tries; what the device gets is a token of 256 bits, of which a hash is kept.
 */
@Service
class PairingService {
  private static final Phrases PHRASES = Phrases.of(PairingService.class);

  private static final Duration GOOD_FOR = Duration.ofMinutes(10);
  private static final int TRIES = 5;
  private static final int CODES = 1_000_000;
  private static final int TOKEN_BYTES = 32;
  private static final Duration SEEN_EVERY = Duration.ofMinutes(1);

  private final DeviceRepository devices;
  private final ShopNetwork network;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();
  private @Nullable Invite invite;

  private record Invite(String code, LocalDateTime until, int tries) {}

  PairingService(DeviceRepository devices, ShopNetwork network, Clock clock) {
    this.devices = devices;
    this.network = network;
    this.clock = clock;
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock);
  }

  @Transactional(readOnly = true)
  public List<DeviceView> devices() {
    return devices.findByCutOffAtIsNullOrderByPairedAt().stream().map(DeviceEntity::view).toList();
  }

  /** A new code; the one before is good no longer. */
  synchronized InviteView invite() {
    String address =
        network
            .address()
            .orElseThrow(() -> new NotNowException(PHRASES.say("attune-listens-on-this-machine")));
    String code = String.format(Locale.ROOT, "%06d", random.nextInt(CODES));
    invite = new Invite(code, now().plus(GOOD_FOR), 0);
    String to = address + "/pair?code=" + code;
    return new InviteView(code, to, picture(to), invite.until());
  }

  private static List<String> picture(String text) {
    try {
      BitMatrix bits = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0);
      List<String> rows = new ArrayList<>();
      for (int y = 0; y < bits.getHeight(); y++) {
        StringBuilder row = new StringBuilder();
        for (int x = 0; x < bits.getWidth(); x++) {
          row.append(bits.get(x, y) ? '#' : ' ');
        }
        rows.add(row.toString());
      }
      return rows;
    } catch (WriterException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A token for a device that knows the code. */
  @Transactional
  public synchronized String pair(PairRequest request) {
    if (invite == null || !now().isBefore(invite.until())) {
      throw new NotNowException(PHRASES.say("no-code-is-good-now"));
    }
    if (!MessageDigest.isEqual(
        invite.code().getBytes(StandardCharsets.UTF_8),
        request.code().getBytes(StandardCharsets.UTF_8))) {
      int tries = invite.tries() + 1;
      invite = tries >= TRIES ? null : new Invite(invite.code(), invite.until(), tries);
      throw new InvalidInputException(
          "/code", PHRASES.say("another-code"), PHRASES.say("the-one-shown-under-shop"));
    }
    invite = null;
    byte[] token = new byte[TOKEN_BYTES];
    random.nextBytes(token);
    String text = Base64.getUrlEncoder().withoutPadding().encodeToString(token);
    devices.save(new DeviceEntity(request.name().strip(), DigestUtils.sha256Hex(text), now()));
    return text;
  }

  /** Name of the device a token is of, where it is in; notes when it was last seen. */
  @Transactional
  public Optional<String> seen(String token) {
    Optional<DeviceEntity> device =
        devices.findByTokenHash(DigestUtils.sha256Hex(token)).filter(DeviceEntity::isIn);
    device.filter(d -> d.seenAt().plus(SEEN_EVERY).isBefore(now())).ifPresent(d -> d.see(now()));
    return device.map(DeviceEntity::view).map(DeviceView::name);
  }

  @Transactional
  public void cutOff(UUID id) {
    devices
        .findById(id)
        .filter(DeviceEntity::isIn)
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("there-is-no-such-device")))
        .cutOff(now());
  }
}
