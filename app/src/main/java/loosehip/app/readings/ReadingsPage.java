package loosehip.app.readings;

import java.util.Collection;
import java.util.List;
import loosehip.app.store.ReadingFiles;

/**
 * Readings in and out, ready to be shown.
 *
 * @param files files brought in, the newest first
 * @param columns the columns a file can have
 * @param problem why nothing was read; empty when nothing was refused
 */
public record ReadingsPage(
    List<ReadingFiles.FileState> files, Collection<Column> columns, String problem) {

  /** A column with what it holds. */
  public record Column(String name, String holds) {}
}
