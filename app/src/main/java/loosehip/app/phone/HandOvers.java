package loosehip.app.phone;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.app.fact.Station;
import loosehip.app.frame.FrameView;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Workup;
import loosehip.app.lan.Lan;
import loosehip.app.store.Account;
import loosehip.app.store.PhoneLinks;
import loosehip.app.words.Dates;
import org.springframework.stereotype.Component;

/** Builds the page on which a link is handed to a golfer. */
@Component
class HandOvers {
  private final PhoneLinks links;
  private final Frames frames;
  private final Lan lan;

  HandOvers(PhoneLinks links, Frames frames, Lan lan) {
    this.links = links;
    this.frames = frames;
    this.lan = lan;
  }

  /**
   * The page.
   *
   * @param golfer the golfer's id
   * @param first the golfer's first name
   * @param given whether a plan is in force that a link can show
   * @param reached whether phones reach this copy at all
   * @param made the links just made, one for each address of this machine; shown once
   * @param kept every link, the newest first
   */
  public record HandOver(
      String golfer,
      String first,
      boolean given,
      boolean reached,
      List<Made> made,
      List<Kept> kept) {}

  /**
   * A link just made.
   *
   * @param text what to send
   */
  public record Made(String address, QrCode code, String text) {}

  /** A link as it stands. */
  public record Kept(String id, String words, boolean open) {}

  FrameView frame(Account account, Workup workup) {
    return frames.of(account, workup, Station.PLAN);
  }

  HandOver page(Account account, Workup workup, Optional<String> token, String own) {
    String first = workup.file().name().strip().split("\\s+")[0];
    LocalDate today = workup.today();
    Optional<LocalDate> ends = workup.file().given().map(g -> g.span().retest());
    List<String> bases = lan.bases().isEmpty() ? List.of(own) : lan.bases();
    List<Made> made =
        token.stream()
            .flatMap(t -> bases.stream().map(base -> base + "/r/" + t + "/"))
            .map(
                address ->
                    new Made(
                        address,
                        QrCode.of(address),
                        first
                            + ", your routine: "
                            + address
                            + " It works until "
                            + ends.map(Dates::day).orElse("the block ends")
                            + ". "
                            + account.shownName()))
            .toList();
    return new HandOver(
        workup.file().id(),
        first,
        ends.filter(day -> !day.isBefore(today)).isPresent(),
        lan.on(),
        made,
        links.of(workup.file().id()).stream().map(l -> kept(l, today)).toList());
  }

  private static Kept kept(PhoneLinks.Link link, LocalDate today) {
    String opened =
        link.openedAt().map(at -> "first opened " + Dates.moment(at)).orElse("not opened yet");
    String ends =
        link.cutAt()
            .map(at -> "cut " + Dates.moment(at))
            .orElse((link.open(today) ? "ends " : "ended ") + Dates.day(link.endsOn()));
    return new Kept(
        link.id(),
        "made " + Dates.moment(link.madeAt()) + " by " + link.by() + ", " + opened + ", " + ends,
        link.open(today));
  }
}
