package attune.app.network;

import attune.app.web.ShopNetwork;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.catalina.connector.Connector;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.HtmlUtils;

/**
 * Plain HTTP beside TLS, which answers with nothing but the way to it and the certificate to trust.
 */
@Configuration
@ConditionalOnProperty("attune.network.on")
class PlainWayIn {
  private static final String CERTIFICATE = "/attune-shop.crt";

  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> plain(
      @Value("${attune.network.plain-port:8080}") int port,
      @Value("${server.address}") String address) {
    return factory -> {
      Connector connector = new Connector(TomcatServletWebServerFactory.DEFAULT_PROTOCOL);
      connector.setPort(port);
      connector.setProperty("address", address);
      factory.addAdditionalConnectors(connector);
    };
  }

  /** Answers everything that is not secure. */
  @Component
  @ConditionalOnProperty("attune.network.on")
  @Order(Ordered.HIGHEST_PRECEDENCE + 1)
  static class Answer extends OncePerRequestFilter {
    private final ShopNetwork network;

    Answer(ShopNetwork network) {
      this.network = network;
    }

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      if (request.isSecure()) {
        chain.doFilter(request, response);
      } else if (request.getRequestURI().equals(CERTIFICATE) && network.authority().isPresent()) {
        response.setContentType("application/x-x509-ca-cert");
        response.getOutputStream().write(Files.readAllBytes(Path.of(network.authority().get())));
      } else {
        page(request, response);
      }
    }

    private void page(HttpServletRequest request, HttpServletResponse response) throws IOException {
      String address =
          HtmlUtils.htmlEscape("https://" + request.getServerName() + ":" + network.port() + "/");
      response.setContentType("text/html;charset=UTF-8");
      response
          .getWriter()
          .write(
              """
              <!doctype html>
              <html lang="en"><meta charset="utf-8"><title>Attune</title>
              <meta name="viewport" content="width=device-width">
              <h1>Attune</h1>
              <p>The shop is at <a href="%1$s">%1$s</a>.</p>
              %2$s
              </html>
              """
                  .formatted(address, network.authority().isPresent() ? trust() : ""));
    }

    private static String trust() {
      return """
          <p>So that this device trusts it, once:</p>
          <ol>
          <li>Open <a href="%s">the shop's certificate</a> and let the device keep it.</li>
          <li>In the device's settings, under security or certificates, install it as an authority
          (on some devices also switch on full trust for it).</li>
          <li>Then open the address above. A warning there means that this is not the shop.</li>
          </ol>
          """
          .formatted(CERTIFICATE);
    }
  }
}
