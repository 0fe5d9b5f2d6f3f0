package loosehip.app.lan;

import loosehip.app.phone.QrCode;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Prints the addresses a phone opens, as text and as codes to be read by its camera. */
@Component
@Lazy(false)
class LanNotice {
  private final Lan lan;

  LanNotice(Lan lan) {
    this.lan = lan;
  }

  @EventListener(ApplicationReadyEvent.class)
  void ready() {
    if (!lan.on()) {
      return;
    }
    if (lan.bases().isEmpty()) {
      System.out.println("This machine is on no local network: no phone can reach it.");
      return;
    }
    System.out.println("Phones in this room open (and learn there how to trust it):");
    for (String base : lan.bases()) {
      System.out.println("  " + base + "/trust");
      System.out.println(QrCode.of(base + "/trust").asText());
    }
  }
}
