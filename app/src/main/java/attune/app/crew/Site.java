package attune.app.crew;

import attune.app.web.NotNowException;
import attune.core.words.Phrases;
import jakarta.servlet.http.HttpServletRequest;

/**
 * The address somebody came in by. A passkey is bound to it, and browsers make none for a number.
 *
 * @param name as it stands in the address
 * @param origin with scheme and port
 */
record Site(String name, String origin) {
  private static final Phrases PHRASES = Phrases.of(Site.class);

  private static final String NUMBER = "[0-9.]+|.*:.*";

  static Site of(HttpServletRequest request) {
    String name = request.getServerName();
    int port = request.getServerPort();
    boolean usual = port == (request.isSecure() ? 443 : 80);
    return new Site(name, request.getScheme() + "://" + name + (usual ? "" : ":" + port));
  }

  boolean isNamed() {
    return !name.matches(NUMBER);
  }

  /**
   * @throws NotNowException where the address is a number
   */
  Site named() {
    if (!isNamed()) {
      throw new NotNowException(PHRASES.say("a-passkey-belongs-to-a"));
    }
    return this;
  }
}
