package loosehip.app.store;

import java.time.Clock;
import loosehip.app.Settings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Opens the data base this copy runs on. */
@Configuration(proxyBeanMethods = false)
class StoreConfiguration {
  @Bean(destroyMethod = "close")
  Database database(Settings settings) {
    return Database.open(settings.home().resolve("loose-hip.db"));
  }

  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}
