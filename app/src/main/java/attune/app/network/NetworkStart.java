package attune.app.network;

import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * What {@code --network} adds to a start: TLS on all addresses of the machine, and the names it is
 * reached by.
 */
public final class NetworkStart {
  private static final Phrases PHRASES = Phrases.of(NetworkStart.class);

  public static final String NETWORK = "--network";

  private static final String PORT = "--server.port=";
  private static final String CERTIFICATE = "--certificate=";
  private static final String KEY = "--key=";
  private static final String NAMES = "--names=";
  private static final String LISTEN = "--listen=";

  private NetworkStart() {}

  /**
   * The words of a start with those of the network in place of {@code --network}.
   *
   * @param data where the shop's data lies, and its certificates
   * @throws InvalidInputException naming a file of one's own that is not there
   */
  public static List<String> settings(List<String> words, Path data, Instant now) {
    if (!words.contains(NETWORK)) {
      return words;
    }
    List<String> settings =
        new ArrayList<>(words.stream().filter(w -> !w.equals(NETWORK)).toList());
    Set<String> names =
        taken(settings, NAMES).map(NetworkStart::listed).orElseGet(NetworkStart::ownNames);
    Optional<String> certificate = taken(settings, CERTIFICATE);
    Optional<String> key = taken(settings, KEY);
    LocalAuthority authority = new LocalAuthority(data.resolve("tls"), now);
    if (certificate.isEmpty()) {
      authority.ensure(names);
    }
    settings.add("--attune.network.on=true");
    settings.add("--attune.network.names=" + String.join(",", names));
    settings.add("--server.address=" + taken(settings, LISTEN).orElse("0.0.0.0"));
    settings.add(
        "--server.ssl.certificate="
            + file("/certificate", certificate.orElse(authority.certificate().toString())));
    settings.add(
        "--server.ssl.certificate-private-key="
            + file("/key", key.orElse(authority.key().toString())));
    settings.add(
        "--attune.network.authority="
            + certificate.map(c -> "").orElse(authority.authority().toString()));
    settings.add("--server.ssl.enabled-protocols=TLSv1.3,TLSv1.2");
    if (settings.stream().noneMatch(w -> w.startsWith(PORT))) {
      settings.add(PORT + "8443");
    }
    return settings;
  }

  private static Set<String> listed(String names) {
    Set<String> listed = new TreeSet<>();
    for (String name : names.split(",")) {
      if (!name.isBlank()) {
        listed.add(name.strip().toLowerCase(Locale.ROOT));
      }
    }
    return listed;
  }

  private static String file(String pointer, String path) {
    if (!Files.isReadable(Path.of(path))) {
      throw new InvalidInputException(pointer, path, PHRASES.say("a-pem-file-that-can"));
    }
    return "file:" + path;
  }

  private static Optional<String> taken(List<String> words, String start) {
    Optional<String> found =
        words.stream()
            .filter(w -> w.startsWith(start))
            .map(w -> w.substring(start.length()))
            .findFirst();
    words.removeIf(w -> w.startsWith(start));
    return found;
  }

  /** Every name and address this machine is reached by on its networks. */
  private static Set<String> ownNames() {
    Set<String> names = new TreeSet<>(Set.of("localhost", "127.0.0.1"));
    try {
      String host = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
      if (host.matches("[a-z0-9.-]+")) {
        names.add(host);
        if (!host.contains(".")) {
          names.add(host + ".local");
        }
      }
      for (NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        Collections.list(each.getInetAddresses()).stream()
            .filter(address -> !address.isLinkLocalAddress() && !address.isMulticastAddress())
            .map(InetAddress::getHostAddress)
            .filter(address -> !address.contains(":"))
            .forEach(names::add);
      }
    } catch (SocketException | UnknownHostException e) {
      return names; // what is known is enough to be reached on this machine
    }
    return names;
  }
}
