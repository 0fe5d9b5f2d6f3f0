package loosehip.app.links;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.field.NotedField;
import loosehip.app.figure.Drawing;
import loosehip.app.repair.SetupRepairs;
import loosehip.core.link.Family;
import loosehip.core.link.Level;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;

/**
 * Why it happens, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param refer whether everything waits for a clinician
 * @param links every fault seen with its causes
 * @param setupLinks every set-up fault seen with its causes
 * @param repairs what puts them right
 * @param threads the same as a drawing; empty when there is nothing to draw
 * @param next what would settle the rest, best first
 * @param order what a wrong order of return in a recording means; empty when none was taken over
 * @param backLoads what loads a lower back that hurts
 * @param again what is to be looked at again
 * @param edition of the rule book
 * @param ownRules whether the practice changed any weight
 */
public record LinksPage(
    String golfer,
    boolean refer,
    List<LinkLine> links,
    List<LinkLine> setupLinks,
    List<SetupRepairs.Repair> repairs,
    Optional<ThreadsView> threads,
    List<NextLine> next,
    String order,
    List<BackLoadLine> backLoads,
    Again again,
    int edition,
    boolean ownRules) {

  /** Whether nothing was seen that has causes. */
  public boolean none() {
    return links.isEmpty() && setupLinks.isEmpty();
  }

  /** What can be decided about any cause. */
  public List<String> verdicts() {
    return Arrays.stream(Overrule.Verdict.values()).map(Overrule.Verdict::id).toList();
  }

  /**
   * A fault with its verdict and causes.
   *
   * @param traced what a recording showed of it
   */
  public record LinkLine(
      String id,
      String title,
      String level,
      String verdict,
      boolean open,
      List<Traced> traced,
      List<CauseLine> causes) {}

  /** What a recording showed, and where it is. */
  public record Traced(String words, String recording) {}

  /**
   * A cause with its chance and the steps behind it.
   *
   * @param leg the leg it concerns; empty for the trunk and for habits
   * @param verdicts what the trainer can decide
   * @param decided the verdict chosen; empty when none was
   * @param against whether it stands against the chance
   */
  public record CauseLine(
      String title,
      Family family,
      String leg,
      String word,
      String number,
      double chance,
      boolean settled,
      String before,
      List<FactorLine> factors,
      String odds,
      String key,
      List<VerdictButton> verdicts,
      String decided,
      String note,
      boolean against,
      List<String> history) {
    /** Whether nobody has said anything about it yet. */
    public boolean untouched() {
      return decided.isEmpty() && note.isEmpty() && history.isEmpty();
    }

    /** Why it is not settled, in words. */
    public String unsettled() {
      return switch (family) {
        case BODY -> "not measured";
        case HABIT -> "not named";
        case SETUP, FOLLOWS -> "not looked at";
      };
    }
  }

  /** One step of a sum. */
  public record FactorLine(String words, String times) {}

  /** A verdict the trainer can give. */
  public record VerdictButton(String id, boolean pressed) {
    /** What a tap sends; a second tap takes it back. */
    public String sends() {
      return pressed ? "none" : id;
    }
  }

  /** A test that would settle something. */
  public record NextLine(String title, String minutes, String why, String address) {}

  /** Something that loads a lower back that hurts, and what follows. */
  public record BackLoadLine(String what, String words) {}

  /** What is to be looked at again once the set-up is put right. */
  public record Again(String golfer, boolean mirrored, List<RelookLine> relooks) {}

  /** A fault to be looked at again, both looks side by side. */
  public record RelookLine(
      PivotFault fault,
      String fix,
      Level before,
      Optional<Drawing> beforeDrawing,
      Level again,
      Optional<Drawing> againDrawing,
      NotedField field,
      String words) {}
}
