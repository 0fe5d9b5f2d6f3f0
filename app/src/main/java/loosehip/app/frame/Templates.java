package loosehip.app.frame;

import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.thymeleaf.autoconfigure.ThymeleafProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.IEngineConfiguration;
import org.thymeleaf.spring6.templateresolver.SpringResourceTemplateResolver;
import org.thymeleaf.templateresource.ITemplateResource;

/**
 * Templates as pages are made of them: without the indentation they are written with, which is a
 * sixth of a page and means nothing to a browser. A line break stays a line break.
 */
@Configuration(proxyBeanMethods = false)
class Templates {
  private static final Pattern INDENTATION = Pattern.compile("\\s*\\n\\s*");

  @Bean
  SpringResourceTemplateResolver defaultTemplateResolver(ThymeleafProperties properties) {
    SpringResourceTemplateResolver resolver = new Unindented();
    resolver.setPrefix(properties.getPrefix());
    resolver.setSuffix(properties.getSuffix());
    resolver.setTemplateMode(properties.getMode());
    resolver.setCharacterEncoding(properties.getEncoding().name());
    resolver.setCacheable(properties.isCache());
    return resolver;
  }

  /** A template without its indentation. */
  static String unindented(String template) {
    return INDENTATION.matcher(template).replaceAll("\n");
  }

  private static final class Unindented extends SpringResourceTemplateResolver {
    @Override
    protected ITemplateResource computeTemplateResource(
        IEngineConfiguration configuration,
        String owner,
        String template,
        String resource,
        String encoding,
        Map<String, Object> attributes) {
      return new Lines(
          super.computeTemplateResource(
              configuration, owner, template, resource, encoding, attributes));
    }
  }

  private record Lines(ITemplateResource written) implements ITemplateResource {
    @Override
    public String getDescription() {
      return written.getDescription();
    }

    @Override
    public @Nullable String getBaseName() {
      return written.getBaseName();
    }

    @Override
    public boolean exists() {
      return written.exists();
    }

    @Override
    public Reader reader() throws IOException {
      try (Reader in = written.reader()) {
        StringWriter whole = new StringWriter();
        in.transferTo(whole);
        return new StringReader(unindented(whole.toString()));
      }
    }

    @Override
    public ITemplateResource relative(String location) {
      return new Lines(written.relative(location));
    }
  }
}
