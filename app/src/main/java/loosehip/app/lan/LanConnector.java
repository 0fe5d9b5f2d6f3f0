package loosehip.app.lan;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;

/** Opens the encrypted port beside the one of this machine alone. */
@Configuration(proxyBeanMethods = false)
class LanConnector {
  private static final int SLOW_MS = 10_000;
  private static final int AT_ONCE = 200;

  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> lanPort(Lan lan, LanKey key) {
    return factory -> {
      if (lan.on()) {
        factory.addAdditionalConnectors(connector(lan, key));
        factory.addContextCustomizers(context -> context.setCookieProcessor(new HostCookies()));
      }
    };
  }

  private static Connector connector(Lan lan, LanKey key) {
    Connector connector = new Connector(Http11NioProtocol.class.getName());
    connector.setPort(lan.port());
    connector.setScheme("https");
    connector.setSecure(true);
    Http11NioProtocol protocol = (Http11NioProtocol) connector.getProtocolHandler();
    if (!lan.bind().isBlank()) {
      try {
        protocol.setAddress(InetAddress.getByName(lan.bind()));
      } catch (UnknownHostException unknown) {
        throw new IllegalStateException("No such address: " + lan.bind(), unknown);
      }
    }
    protocol.setSSLEnabled(true);
    protocol.setConnectionTimeout(SLOW_MS);
    protocol.setMaxConnections(AT_ONCE);
    SSLHostConfig host = new SSLHostConfig();
    host.setProtocols("TLSv1.2+TLSv1.3");
    SSLHostConfigCertificate certificate =
        new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.EC);
    certificate.setCertificateKeystoreFile(key.file().toString());
    certificate.setCertificateKeystorePassword(key.password());
    certificate.setCertificateKeystoreType("PKCS12");
    host.addCertificate(certificate);
    connector.addSslHostConfig(host);
    return connector;
  }

  @Bean
  FilterRegistrationBean<LanDoor> lanDoor(Lan lan) {
    FilterRegistrationBean<LanDoor> door = new FilterRegistrationBean<>(new LanDoor(lan));
    door.setOrder(Ordered.HIGHEST_PRECEDENCE);
    door.setEnabled(lan.on());
    return door;
  }
}
