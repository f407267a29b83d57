package vantbreeze.app.api;

import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A list that must be there, of no more things than the largest card has faces. */
@NotNull
@Size(max = 500)
@Constraint(validatedBy = {})
@Retention(RetentionPolicy.RUNTIME)
@Target({
    ElementType.FIELD,
    ElementType.METHOD,
    ElementType.PARAMETER,
    ElementType.TYPE_USE,
    ElementType.RECORD_COMPONENT
})
@interface Things {

    /** What is said when it is not so. */
    String message() default "is missing or has too many things in it";

    /** As Bean Validation asks. */
    Class<?>[] groups() default {};

    /** As Bean Validation asks. */
    Class<? extends Payload>[] payload() default {};
}
