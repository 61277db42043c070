package attune.app.web;

import attune.core.words.Phrases;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says where Attune can be opened, once it can. */
@Component
class Address {
  private static final Phrases PHRASES = Phrases.of(Address.class);

  private static final Logger LOG = LoggerFactory.getLogger(Address.class);

  private final Environment environment;
  private final ShopNetwork network;
  private final String data;

  Address(
      Environment environment,
      ShopNetwork network,
      @Value("${attune.data:./attune-data}") String data) {
    this.environment = environment;
    this.network = network;
    this.data = data;
  }

  @EventListener(ApplicationReadyEvent.class)
  void say() {
    String port = environment.getProperty("local.server.port");
    if (port != null && network.isOn()) {
      LOG.info(
          "Attune is open on the shop's network at {}, on this machine at https://localhost:{}"
              + " (data in {}). Ctrl-C stops it.",
          network.address().orElse(PHRASES.say("no-address-of-this-machine")),
          port,
          data);
    } else if (port != null) {
      LOG.info("Attune is open at http://localhost:{} (data in {}). Ctrl-C stops it.", port, data);
    }
  }
}
