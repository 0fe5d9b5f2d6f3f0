package loosehip.app.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import loosehip.app.unit.Units;
import loosehip.app.words.Typed;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Turns a template into a PDF. */
@Component
public class Pdf {
  private static final String[] WEIGHTS = {"Regular", "Bold"};

  private final ITemplateEngine templates;

  static {
    XRLog.setLoggingEnabled(false);
  }

  Pdf(ITemplateEngine templates) {
    this.templates = templates;
  }

  /**
   * The PDF of a template, as a file to keep.
   *
   * @param file its name; it never holds the golfer's
   */
  public ResponseEntity<byte[]> answer(String template, Map<String, Object> values, String file) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(file).build().toString())
        .body(of(template, values));
  }

  /** The answer when there is nothing to print: the page that says why. */
  public static ResponseEntity<byte[]> instead(String page) {
    return ResponseEntity.status(HttpStatus.FOUND).header(HttpHeaders.LOCATION, page).build();
  }

  /** The PDF of a template. */
  public byte[] of(String template, Map<String, Object> values) {
    Context context = new Context();
    context.setVariable("units", Units.now());
    values.forEach(context::setVariable);
    try {
      return render(Units.now().paper().on(Typed.clean(templates.process(template, context))));
    } catch (IOException unwritten) {
      throw new UncheckedIOException(unwritten);
    }
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
        () -> fontStream(file), family, weight, BaseRendererBuilder.FontStyle.NORMAL, true);
  }

  private static InputStream fontStream(String file) {
    InputStream in = Pdf.class.getResourceAsStream("/static/fonts/" + file + ".ttf");
    if (in == null) {
      throw new IllegalStateException("The font " + file + " is missing");
    }
    return in;
  }
}
