package loosehip.app.golfer;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.store.GolferFile;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.plan.Block;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.Planner;
import org.jspecify.annotations.Nullable;

/**
 * What the core makes of a file as it stands, worked out when first asked for and then kept: it
 * changes with the file, the standards and the day, and with nothing else. Shared by requests.
 */
final class Judged {
  private final CaseFile golfer;
  private @Nullable Judgement judgement;
  private @Nullable Optional<Block> proposal;

  Judged(GolferFile file, Standards standards, LocalDate today) {
    this.golfer = Cases.of(file, standards, today);
  }

  /** What a judgement depends on. Standards are told apart by identity: a change makes others. */
  record Of(GolferFile file, Standards standards, LocalDate today) {
    @Override
    public boolean equals(@Nullable Object other) {
      return other instanceof Of of
          && standards == of.standards
          && today.equals(of.today)
          && file.equals(of.file);
    }

    /** The file alone would be much to go through for a first look. */
    @Override
    public int hashCode() {
      return file.visitId().hashCode();
    }
  }

  CaseFile golfer() {
    return golfer;
  }

  synchronized Judgement judgement() {
    if (judgement == null) {
      judgement = Judgement.of(golfer);
    }
    return judgement;
  }

  synchronized Optional<Block> proposal() {
    if (proposal == null) {
      proposal =
          golfer.health().refer()
              ? Optional.empty()
              : golfer.wishes().map(w -> Planner.plan(judgement().request(w, PlanEdits.NONE)));
    }
    return proposal;
  }
}
