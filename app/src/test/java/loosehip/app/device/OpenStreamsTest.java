package loosehip.app.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

/** A stream lasts no longer than whoever listens may listen. */
class OpenStreamsTest {
  private final AtomicBoolean over = new AtomicBoolean();
  private final AtomicBoolean closed = new AtomicBoolean();
  private final OpenStreams streams = new OpenStreams();

  private OpenStreams.Open listening() {
    OpenStreams.Open open = streams.open(60_000, over::get);
    open.fedBy(() -> closed.set(true));
    return open;
  }

  @Test
  void itEndsWithItsSession() {
    listening();
    streams.beat();
    assertThat(closed).isFalse();
    over.set(true);
    streams.beat();
    assertThat(closed).isTrue();
  }

  @Test
  void itEndsWhenNobodyCanSayWhetherTheSessionStands() {
    OpenStreams.Open open =
        streams.open(
            60_000,
            () -> {
              throw new IllegalStateException("the data base is closed");
            });
    open.fedBy(() -> closed.set(true));
    streams.beat();
    assertThat(closed).isTrue();
  }
}
