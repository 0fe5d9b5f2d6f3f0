package loosehip.app.journey;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A line to the application that can be cut and mended, as when its computer is switched off: while
 * it is cut nothing is answered at its port. Loopback alone.
 */
final class Line implements AutoCloseable {
  private static final int WAITING = 50;

  private final int to;
  private final int port;
  private final Set<Socket> open = ConcurrentHashMap.newKeySet();
  private volatile ServerSocket door;

  Line(int to) {
    this.to = to;
    this.door = listening(0);
    this.port = door.getLocalPort();
    accept();
  }

  int port() {
    return port;
  }

  private static ServerSocket listening(int port) {
    try {
      ServerSocket socket = new ServerSocket();
      socket.setReuseAddress(true);
      socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), WAITING);
      return socket;
    } catch (IOException taken) {
      throw new UncheckedIOException(taken);
    }
  }

  private void accept() {
    ServerSocket own = door;
    daemon(
        () -> {
          while (!own.isClosed()) {
            Socket near = own.accept();
            Socket far = new Socket(InetAddress.getLoopbackAddress(), to);
            open.add(near);
            open.add(far);
            daemon(() -> pump(near, far));
            daemon(() -> pump(far, near));
          }
        });
  }

  private interface Io {
    void run() throws IOException;
  }

  private static void daemon(Io work) {
    Thread thread =
        new Thread(
            () -> {
              try {
                work.run();
              } catch (IOException closed) {
                // The line was cut.
              }
            });
    thread.setDaemon(true);
    thread.start();
  }

  private void pump(Socket from, Socket into) throws IOException {
    try (from;
        into) {
      from.getInputStream().transferTo(into.getOutputStream());
    } finally {
      open.remove(from);
      open.remove(into);
    }
  }

  /** Switches it off; what is under way breaks. */
  void cut() {
    try {
      door.close();
      for (Socket socket : open) {
        socket.close();
      }
    } catch (IOException already) {
      // It is off.
    }
  }

  /** Switches it on again at the same port. */
  void mend() {
    door = listening(port);
    accept();
  }

  @Override
  public void close() {
    cut();
  }
}
