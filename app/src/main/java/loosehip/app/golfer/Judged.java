package loosehip.app.golfer;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Noted;
import loosehip.app.store.TakenTry;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.plan.Block;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanRequest;
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
  private @Nullable Boolean toGive;
  private @Nullable PlanRequest asked;
  private @Nullable Block planned;

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
          && (file == of.file || file.equals(of.file));
    }

    /** When everything at hand was said: enough to tell a file from the one before a save. */
    @Override
    public int hashCode() {
      int hash = file.visitId().hashCode();
      for (Noted fact : file.facts().values()) {
        hash += fact.at().hashCode();
      }
      for (TakenTry taken : file.tries()) {
        hash += taken.at().hashCode();
      }
      return hash;
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

  /** What the planner makes of a request about this golfer; the last one is kept. */
  synchronized Block planned(PlanRequest request) {
    if (planned == null || !request.equals(asked)) {
      planned = Planner.plan(request);
      asked = request;
    }
    return planned;
  }

  /** Whether there is something to give, which is known sooner than what it is. */
  synchronized boolean toGive() {
    if (toGive == null) {
      toGive =
          proposal != null
              ? proposal.filter(block -> !block.empty()).isPresent()
              : !golfer.health().refer()
                  && golfer
                      .wishes()
                      .filter(w -> Planner.anything(judgement().request(w, PlanEdits.NONE)))
                      .isPresent();
    }
    return toGive;
  }

  synchronized Optional<Block> proposal() {
    if (proposal == null) {
      proposal =
          golfer.health().refer()
              ? Optional.empty()
              : golfer.wishes().map(w -> planned(judgement().request(w, PlanEdits.NONE)));
    }
    return proposal;
  }
}
