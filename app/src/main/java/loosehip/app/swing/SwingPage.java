package loosehip.app.swing;

import java.util.List;
import java.util.Optional;
import loosehip.app.field.NotedField;
import loosehip.app.figure.Drawing;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rhythm;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Downswing;

/**
 * The pivot by eye, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param first faults to look at first, by checkpoint
 * @param others how many others there are
 * @param othersOpen how many of them were not looked at yet
 * @param why what put the first ones there, in words
 * @param expected where a short budget usually goes, in words
 * @param straightens how much the trail knee straightens, by eye
 * @param straightening the same as a number
 * @param release what the lead leg does going back
 * @param club which club it is for
 * @param downswing how they are to start down
 * @param downswings the ways there are, in the order of the choices
 * @param sharedCheck what is checked in all of them
 * @param habits habits named
 */
public record SwingPage(
    String golfer,
    List<Group> first,
    long others,
    long othersOpen,
    String why,
    List<String> expected,
    NotedField straightens,
    NotedField straightening,
    NotedField release,
    NotedField club,
    NotedField downswing,
    List<Downswing> downswings,
    String sharedCheck,
    List<NotedField> habits) {

  /** The faults of one checkpoint. */
  public record Group(String title, List<Fault> faults) {
    /** How many were not looked at yet. */
    long open() {
      return faults.stream().filter(Fault::open).count();
    }
  }

  /** How many of these groups were not looked at yet. */
  public long open(List<Group> groups) {
    return groups.stream().mapToLong(Group::open).sum();
  }

  /**
   * A fault with its three pictures, its figures, and what the school says about it.
   *
   * @param golfer the golfer's id
   * @param mirrored whether drawings are turned for a left-handed golfer
   * @param level how strongly it is seen; locked when a figure sets it
   * @param drawings a picture for each level, in the order of the choices
   * @param school the school's rule for it; empty when it has none
   */
  public record Fault(
      String golfer,
      boolean mirrored,
      PivotFault fault,
      NotedField level,
      List<Optional<Drawing>> drawings,
      NotedField rehearsal,
      String school,
      List<Figure> figures) {
    /** Whether a figure of it was typed. */
    public boolean typed() {
      return figures.stream().anyMatch(f -> !f.field().value().isEmpty());
    }

    /** Whether it waits to be looked at by eye. */
    boolean open() {
      return !typed() && level.choices().stream().noneMatch(NotedField.Choice::chosen);
    }
  }

  /** A figure that can be typed for a fault, with its thresholds in this school. */
  public record Figure(SwingFigure figure, String unit, NotedField field, String thresholds) {}

  /** A moment of the right rhythm with its picture. */
  public record Moment(Rhythm moment, Drawing drawing) {}
}
