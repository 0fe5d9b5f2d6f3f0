package loosehip.app.record;

import java.util.Locale;
import java.util.Map;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.Standards;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.store.Account;
import loosehip.app.store.PracticeValues;
import loosehip.app.unit.Shown;
import loosehip.app.words.Dates;
import loosehip.core.limit.Limit;
import loosehip.core.link.Cause;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Triage;
import loosehip.core.record.AdherenceBand;
import loosehip.core.record.Gains;
import loosehip.core.record.MedianInterval;
import loosehip.core.record.PracticeRecord;
import loosehip.core.record.Share;
import loosehip.core.record.WeightOffer;
import org.springframework.stereotype.Component;

/** Builds the page of the practice's own record. */
@Component
class RecordPages {

  private final ClosedBlocks blocks;
  private final StandardsShelf shelf;
  private final PracticeValues values;
  private final ExerciseTexts texts;

  RecordPages(
      ClosedBlocks blocks, StandardsShelf shelf, PracticeValues values, ExerciseTexts texts) {
    this.blocks = blocks;
    this.shelf = shelf;
    this.values = values;
    this.texts = texts;
  }

  /** What the practice's closed blocks say. */
  PracticeRecord record(Account account) {
    return PracticeRecord.of(blocks.of(account), RuleBook.standard());
  }

  RecordPage page(Account account, String told) {
    PracticeRecord record = record(account);
    GainSpan span = GainSpan.of(record.byNeed().values());
    return new RecordPage(
        record.blocks(),
        record.blocks() < WeightOffer.FROM_BLOCKS,
        record.byNeed().entrySet().stream()
            .map(
                e ->
                    row(
                        e.getKey().title(),
                        unit(e.getKey()),
                        e.getValue(),
                        record.byNeedAndAdherence().getOrDefault(e.getKey(), Map.of()),
                        span))
            .toList(),
        record.byItem().entrySet().stream()
            .map(
                e ->
                    row(
                        texts.of(e.getKey()).name(),
                        Shown.ofSign(""),
                        e.getValue(),
                        Map.of(),
                        span))
            .toList(),
        record.triage().entrySet().stream()
            .map(e -> share(verdict(e.getKey()), e.getValue(), "gone at the retest"))
            .toList(),
        record.calibration().entrySet().stream()
            .map(e -> share("called " + e.getKey().word(), e.getValue(), "borne out"))
            .toList(),
        record.offers().stream().map(o -> offer(account, o)).toList(),
        account.owner(),
        told);
  }

  private static Shown unit(Limit limit) {
    return Shown.of(limit.tests().get(0).unit());
  }

  private static String verdict(Triage.Kind kind) {
    return switch (kind) {
      case SETUP_FIRST -> "Set-up first";
      case BODY_FIRST -> "Body first";
      case HABIT -> "Habit";
      case SEE_OTHER -> "Follows another fault";
      case NOT_SETTLED -> "Not settled";
    };
  }

  private static RecordPage.GainRow row(
      String name, Shown unit, Gains gains, Map<AdherenceBand, Gains> byAdherence, GainSpan span) {
    var interval = gains.median();
    return new RecordPage.GainRow(
        name,
        gains.blocks(),
        interval
            .map(
                m ->
                    String.format(
                        Locale.ROOT,
                        "%+.1f%s, 80 %% between %+.1f and %+.1f",
                        unit.of(m.median()),
                        unit.sign(),
                        unit.of(m.low()),
                        unit.of(m.high())))
            .orElse("too few to say"),
        gains.real().were() + " of " + gains.blocks() + " really better",
        gains.sorted().stream().map(g -> span.along(g)).toList(),
        span.along(0),
        interval.map(m -> span.along(m.low())).orElse(-1.0),
        interval.map(m -> span.along(m.high())).orElse(-1.0),
        span.along(gains.middle()),
        byAdherence.entrySet().stream()
            .map(e -> e.getKey().words() + ": " + told(e.getValue(), unit))
            .toList());
  }

  private static String told(Gains gains, Shown unit) {
    return gains.median().map(MedianInterval::median).isPresent()
        ? String.format(
            Locale.ROOT,
            "%+.1f%s in %d, %d really",
            unit.of(gains.middle()),
            unit.sign(),
            gains.blocks(),
            gains.real().were())
        : gains.blocks() + (gains.blocks() == 1 ? " block" : " blocks") + ", too few to say";
  }

  private static RecordPage.ShareRow share(String name, Share share, String what) {
    String words =
        share.were()
            + " of "
            + share.of()
            + " "
            + what
            + (share.tooFew()
                ? ": too few to say"
                : String.format(
                    Locale.ROOT,
                    ", 80 %% between %.0f and %.0f %%",
                    share.low() * 100,
                    share.high() * 100));
    return new RecordPage.ShareRow(
        name, words, share.share() * 100, share.low() * 100, share.high() * 100);
  }

  private RecordPage.OfferRow offer(Account account, WeightOffer offer) {
    Cause shipped = RuleBook.standard().cause(offer.fault(), offer.cause()).orElseThrow();
    Cause now =
        shelf.of(account.practiceId()).rules().cause(offer.fault(), offer.cause()).orElse(shipped);
    return new RecordPage.OfferRow(
        offer.fault().id(),
        offer.cause().key(),
        offer.fault().title() + ", because of: " + shipped.title(),
        offer.borne().were()
            + " of "
            + offer.borne().of()
            + " borne out where it was called likely",
        two(offer.shipped()),
        two(now.prior()),
        two(offer.offered()),
        !two(now.prior()).equals(two(offer.shipped())),
        values
            .history(account.practiceId(), RecordController.reasonTopic(offer.fault(), shipped))
            .stream()
            .map(
                n ->
                    Dates.moment(n.at())
                        + ", "
                        + n.by()
                        + ": "
                        + (n.value().isEmpty() ? "taken back" : n.value()))
            .toList());
  }

  static String two(double number) {
    return String.format(Locale.ROOT, "%.2f", number);
  }

  static String topic(WeightOffer offer) {
    return Standards.ruleTopic(
        offer.fault(), RuleBook.standard().cause(offer.fault(), offer.cause()).orElseThrow());
  }
}
