package loosehip.app.store;

import jakarta.servlet.MultipartConfigElement;
import java.time.Clock;
import loosehip.app.Settings;
import org.springframework.boot.servlet.autoconfigure.MultipartProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;

/** Opens the folder and the data base this copy runs on. */
@Configuration(proxyBeanMethods = false)
class StoreConfiguration {
  @Bean(destroyMethod = "close")
  @Lazy(false)
  DataFolder dataFolder(Settings settings) {
    return DataFolder.hold(settings.home());
  }

  @Bean(destroyMethod = "close")
  Database database(DataFolder folder) {
    return Database.open(folder.database());
  }

  /** What is brought waits in the folder too, and not in one that others read. */
  @Bean
  MultipartConfigElement multipart(DataFolder folder, MultipartProperties limits) {
    return new MultipartConfigElement(
        folder.uploads().toString(),
        limits.getMaxFileSize().toBytes(),
        limits.getMaxRequestSize().toBytes(),
        (int) limits.getFileSizeThreshold().toBytes());
  }

  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}
