package loosehip.app.sheet;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Dates;
import loosehip.app.plan.PlanPage;
import loosehip.app.plan.PlanPages;
import loosehip.app.signin.SignedIn;
import loosehip.core.casefile.Assessment;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** The golfer's sheet: what to do at home, as a page to print and as PDF. */
@Controller
class SheetController {
  private static final String[] WEIGHTS = {"Regular", "Bold"};

  private final Benches benches;
  private final PlanPages pages;
  private final ITemplateEngine templates;

  SheetController(Benches benches, PlanPages pages, ITemplateEngine templates) {
    this.benches = benches;
    this.pages = pages;
    this.templates = templates;
  }

  @GetMapping("/golfers/{id}/sheet")
  String sheet(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    Optional<PlanPage> page = pages.of(bench);
    if (page.isEmpty()) {
      return "redirect:/golfers/" + id + "/plan";
    }
    model.addAttribute("sheet", sheet(bench, page.get(), user));
    model.addAttribute("golferId", id);
    return "sheet/sheet";
  }

  @GetMapping("/golfers/{id}/sheet.pdf")
  ResponseEntity<byte[]> pdf(@PathVariable String id, @AuthenticationPrincipal SignedIn user)
      throws IOException {
    Bench bench = benches.open(user.account(), id);
    Optional<PlanPage> page = pages.of(bench);
    if (page.isEmpty()) {
      return ResponseEntity.status(302)
          .header(HttpHeaders.LOCATION, "/golfers/" + id + "/plan")
          .build();
    }
    Context context = new Context();
    context.setVariable("sheet", sheet(bench, page.get(), user));
    byte[] pdf = render(templates.process("sheet/pdf", context));
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("routine.pdf").build().toString())
        .body(pdf);
  }

  private static Sheet sheet(Bench bench, PlanPage page, SignedIn user) {
    return new Sheet(
        bench.file().name(),
        user.account().practiceName(),
        user.account().shownName(),
        Dates.day(bench.golfer().wishes().orElseThrow().start()),
        page,
        Assessment.DECISION_AID);
  }

  private static byte[] render(String html) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfRendererBuilder builder = new PdfRendererBuilder();
    builder.useFastMode();
    builder.useSVGDrawer(new BatikSVGDrawer());
    for (String weight : WEIGHTS) {
      int number = weight.equals("Bold") ? 700 : 400;
      font(builder, "AtkinsonHyperlegibleNext-" + weight, "Atkinson", number);
      font(builder, "Bitter-" + weight, "Bitter", number);
    }
    builder.withHtmlContent(html, null);
    builder.toStream(out);
    builder.run();
    return out.toByteArray();
  }

  private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
    builder.useFont(
        () -> fontStream(file),
        family,
        weight,
        com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle.NORMAL,
        true);
  }

  private static InputStream fontStream(String file) {
    InputStream in = SheetController.class.getResourceAsStream("/static/fonts/" + file + ".ttf");
    if (in == null) {
      throw new IllegalStateException("The font " + file + " is missing");
    }
    return in;
  }

  /**
   * What the sheet says.
   *
   * @param golfer whose it is
   * @param practice the practice
   * @param trainer whom to tell
   * @param start first day
   * @param plan the block
   * @param aid what every reader is told
   */
  public record Sheet(
      String golfer, String practice, String trainer, String start, PlanPage plan, String aid) {}
}
