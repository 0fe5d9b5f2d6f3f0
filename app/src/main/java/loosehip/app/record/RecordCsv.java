package loosehip.app.record;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import loosehip.app.store.Account;
import loosehip.core.plan.ItemId;
import loosehip.core.record.AdherenceBand;
import loosehip.core.record.ClosedBlock;
import org.springframework.stereotype.Component;

/**
 * The closed blocks as a table: a line for every need gained, fault seen and cause called. No name,
 * no date, and no order that would say whose block it was.
 */
@Component
class RecordCsv {
  private final ClosedBlocks blocks;

  RecordCsv(ClosedBlocks blocks) {
    this.blocks = blocks;
  }

  String of(Account account) {
    List<ClosedBlock> all = new ArrayList<>(blocks.of(account));
    Collections.shuffle(all, new Random());
    StringWriter text = new StringWriter();
    try (CsvWriter csv = CsvWriter.builder().build(text)) {
      csv.writeRecord(
          "block", "adherence", "kind", "about", "cause", "said", "figure", "result", "items");
      for (int i = 0; i < all.size(); i++) {
        write(csv, String.valueOf(i + 1), all.get(i));
      }
    } catch (IOException never) {
      throw new UncheckedIOException(never);
    }
    return text.toString();
  }

  private static void write(CsvWriter csv, String number, ClosedBlock block) {
    String adherence = AdherenceBand.of(block.adherence()).id();
    for (ClosedBlock.Gain g : block.gains()) {
      csv.writeRecord(
          number,
          adherence,
          "gain",
          g.limit().kind().id() + g.limit().leg().map(l -> "-" + l.id()).orElse(""),
          "",
          "",
          String.format(Locale.ROOT, "%.1f", g.gain()),
          g.change().word(),
          g.items().stream().map(ItemId::id).sorted().collect(Collectors.joining(" ")));
    }
    for (ClosedBlock.FaultSeen f : block.faults()) {
      csv.writeRecord(
          number,
          adherence,
          "fault",
          f.fault().id(),
          "",
          f.triage().name().toLowerCase(Locale.ROOT),
          "",
          f.gone().map(g -> g ? "gone" : "still seen").orElse("not looked at"),
          "");
    }
    for (ClosedBlock.CauseCalled c : block.causes()) {
      csv.writeRecord(
          number,
          adherence,
          "cause",
          c.fault().id(),
          c.cause().key(),
          "",
          String.format(Locale.ROOT, "%.2f", c.chance()),
          c.borneOut().map(b -> b ? "borne out" : "not borne out").orElse("not known"),
          "");
    }
  }
}
