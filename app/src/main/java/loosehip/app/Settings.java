package loosehip.app;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * How this copy runs.
 *
 * @param home folder of the data base
 * @param demo whether it runs on demo data, made afresh
 */
@ConfigurationProperties("loose-hip")
public record Settings(Path home, boolean demo) {}
