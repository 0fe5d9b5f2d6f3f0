package loosehip.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The application. {@code --loose-hip.demo=true} runs it on demo data. */
@SpringBootApplication(proxyBeanMethods = false)
@ConfigurationPropertiesScan
public class LooseHip {
  /** Starts the application. */
  public static void main(String[] args) {
    System.setProperty("org.jooq.no-logo", "true");
    System.setProperty("org.jooq.no-tips", "true");
    SpringApplication.run(LooseHip.class, args);
  }
}
