package attune.app.network;

import attune.app.network.NetworkViews.InviteView;
import attune.app.network.NetworkViews.NetworkView;
import attune.app.network.NetworkViews.PairRequest;
import attune.app.web.ShopNetwork;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Duration;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shop's network and its devices over HTTP. */
@RestController
@RequestMapping("/api/v1/network")
class NetworkController {
  private static final Duration KEPT = Duration.ofDays(365);

  private final ShopNetwork network;
  private final PairingService pairing;

  NetworkController(ShopNetwork network, PairingService pairing) {
    this.network = network;
    this.pairing = pairing;
  }

  @GetMapping
  NetworkView network(HttpServletRequest request) {
    return new NetworkView(
        network.address().orElse(null), ShopNetwork.isHere(request), pairing.devices());
  }

  @PostMapping("/invites")
  @ResponseStatus(HttpStatus.CREATED)
  InviteView invite() {
    return pairing.invite();
  }

  /** Lets a device in that knows the code; its token is a cookie no page can read. */
  @PostMapping("/devices")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void pair(@Valid @RequestBody PairRequest request, HttpServletResponse response) {
    ResponseCookie cookie =
        ResponseCookie.from(DeviceFilter.COOKIE, pairing.pair(request))
            .httpOnly(true)
            .secure(true)
            .sameSite("Strict")
            .path("/")
            .maxAge(KEPT)
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
  }

  @DeleteMapping("/devices/{deviceId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cutOff(@PathVariable UUID deviceId) {
    pairing.cutOff(deviceId);
  }
}
