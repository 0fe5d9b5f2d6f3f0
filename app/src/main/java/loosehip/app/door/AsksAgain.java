package loosehip.app.door;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * An address that is answered only to whoever said their password within the last minutes: it
 * erases, or hands out everything. A form may send it along as {@code password}.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface AsksAgain {}
