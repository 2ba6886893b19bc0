package drumnest.server.http;

import drumnest.server.PlainText;
import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.jspecify.annotations.Nullable;

/** A text that a maker writes: plain, and no longer than it may be. Null is left to others. */
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.TYPE_USE})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Plain.Check.class)
public @interface Plain {

  /** Tells what it is, to begin what is said of a refused one. */
  String is();

  /** How many letters it has at most. */
  int max();

  /** Whether it must not be blank. */
  boolean needed() default false;

  /** Whether it may have several lines. */
  boolean lines() default false;

  String message() default "";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** Says what is accepted, in the words of the annotation. */
  class Check implements ConstraintValidator<Plain, String> {

    private @Nullable Plain wanted;

    @Override
    public void initialize(Plain annotation) {
      wanted = annotation;
    }

    @Override
    public boolean isValid(@Nullable String text, ConstraintValidatorContext context) {
      Plain plain = wanted;
      if (text == null || plain == null) {
        return true;
      }
      if (!PlainText.is(text, plain.lines())) {
        return refuse(
            context,
            "is "
                + plain.is()
                + (plain.lines() ? "" : " in one line")
                + ", without control characters or halves of characters");
      }
      if (text.length() > plain.max() || plain.needed() && text.isBlank()) {
        String most = String.format("%,d", plain.max()).replace(',', '\u00a0');
        return refuse(
            context,
            "is "
                + plain.is()
                + " of "
                + (plain.needed() ? "1 to " : "at most ")
                + most
                + " letters");
      }
      return true;
    }

    private static boolean refuse(ConstraintValidatorContext context, String message) {
      context.disableDefaultConstraintViolation();
      context.buildConstraintViolationWithTemplate(message).addConstraintViolation();
      return false;
    }
  }
}
