package loosehip.app.lan;

import java.security.cert.CertificateEncodingException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** How a phone comes to trust this copy. */
@Controller
class TrustController {
  private final Lan lan;
  private final LanKey key;

  TrustController(Lan lan, LanKey key) {
    this.lan = lan;
    this.key = key;
  }

  /**
   * The page.
   *
   * @param on whether phones are answered at all
   * @param fingerprint of the certificate; empty while they are not
   */
  public record TrustPage(boolean on, String fingerprint) {}

  @GetMapping("/trust")
  String trust(Model model) {
    model.addAttribute("page", new TrustPage(lan.on(), lan.on() ? key.fingerprint() : ""));
    return "lan/trust";
  }

  /** The certificate to be trusted. */
  @GetMapping("/trust/loose-hip.crt")
  ResponseEntity<byte[]> certificate() throws CertificateEncodingException {
    if (!lan.on()) {
      return ResponseEntity.notFound().build();
    }
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("application/x-x509-ca-cert"))
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"loose-hip.crt\"")
        .body(key.certificate().getEncoded());
  }
}
