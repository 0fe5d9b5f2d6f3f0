package loosehip.app.demo;

import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Recordings;
import loosehip.app.trace.PlayedFile;
import loosehip.core.named.Named;
import loosehip.core.played.PlayedSwing;
import loosehip.core.played.SwingKind;
import loosehip.core.trace.RecordingKind;
import org.springframework.stereotype.Component;

/** Made-up recordings of the demo, as a suit and a mat would have sent them. */
@Component
class DemoRecordings {
  private static final double HZ = 200;

  private final Recordings recordings;

  DemoRecordings(Recordings recordings) {
    this.recordings = recordings;
  }

  /** Keeps a recording as a line of the demo says it: kind, swing, name of the file. */
  void keep(GolferFile file, Account by, String text) {
    String[] words = text.split(" ", 3);
    RecordingKind kind = Named.require(RecordingKind.class, words[0]);
    PlayedSwing swing =
        new PlayedSwing(Named.require(SwingKind.class, words[1]), HZ, true, text.hashCode());
    recordings.add(file, by, new Recordings.New(kind, words[2], true, PlayedFile.of(swing, kind)));
  }
}
