package variablerotor.server.web;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** How much a request may bring, where it is more than {@link BodyLimit#USUAL}. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface LargestBody {
  /** [byte]. */
  int value();
}
