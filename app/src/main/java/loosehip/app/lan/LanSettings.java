package loosehip.app.lan;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How this copy answers on the local network.
 *
 * @param on whether it does at all
 * @param port the encrypted port
 * @param address the one address to answer at; blank for those of this machine
 */
@ConfigurationProperties("loose-hip.lan")
record LanSettings(
    @DefaultValue("false") boolean on,
    @DefaultValue("8443") int port,
    @DefaultValue("") String address) {}
