package vantbreeze.app.api;

import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import jakarta.validation.constraints.Size;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A text that may be left out, no longer than an outline or notes can be. */
@Size(max = 20_000)
@Constraint(validatedBy = {})
@Retention(RetentionPolicy.RUNTIME)
@Target({
    ElementType.FIELD,
    ElementType.METHOD,
    ElementType.PARAMETER,
    ElementType.TYPE_USE,
    ElementType.RECORD_COMPONENT
})
@interface MaybeText {

    /** What is said when it is not so. */
    String message() default "is too long";

    /** As Bean Validation asks. */
    Class<?>[] groups() default {};

    /** As Bean Validation asks. */
    Class<? extends Payload>[] payload() default {};
}
