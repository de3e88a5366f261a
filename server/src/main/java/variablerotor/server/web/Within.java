package variablerotor.server.web;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactParser;

/** A number between two, which are both allowed; nothing is allowed, too. */
@Target(ElementType.FIELD)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Within.Judge.class)
public @interface Within {
  double least() default 0;

  double most();

  String message() default "";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** Says what was found, and between what it should be, as every reader of figures does. */
  class Judge implements ConstraintValidator<Within, Number> {
    private double least;
    private double most;

    @Override
    public void initialize(Within within) {
      least = within.least();
      most = within.most();
    }

    static String fault(@Nullable Number value, double least, double most) {
      return "found "
          + FactParser.describe(value == null ? null : (Double) value.doubleValue())
          + "; allowed is a number from "
          + FactParser.describe(least)
          + " to "
          + FactParser.describe(most);
    }

    @Override
    public boolean isValid(@Nullable Number value, ConstraintValidatorContext context) {
      if (value == null || (value.doubleValue() >= least && value.doubleValue() <= most)) {
        return true;
      }
      context.disableDefaultConstraintViolation();
      context
          .buildConstraintViolationWithTemplate(fault(value, least, most))
          .addConstraintViolation();
      return false;
    }
  }
}
