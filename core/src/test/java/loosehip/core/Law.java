package loosehip.core;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.ArgumentsProvider;
import org.junit.jupiter.params.provider.ArgumentsSource;
import org.junit.jupiter.params.support.AnnotationConsumer;
import org.junit.jupiter.params.support.ParameterDeclarations;

/**
 * A law that holds for whatever {@link Chance} makes. Tries are numbered and repeat exactly: the
 * name of a failed one says its seed.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@ParameterizedTest(name = "{0}")
@ArgumentsSource(Law.Seeds.class)
public @interface Law {
  /** How many tries. */
  int tries() default 200;

  /** One chance a try. */
  class Seeds implements ArgumentsProvider, AnnotationConsumer<Law> {
    private int tries;

    @Override
    public void accept(Law law) {
      tries = law.tries();
    }

    @Override
    public Stream<? extends Arguments> provideArguments(
        ParameterDeclarations parameters, ExtensionContext context) {
      return LongStream.range(0, tries).mapToObj(seed -> Arguments.of(new Chance(seed)));
    }
  }
}
