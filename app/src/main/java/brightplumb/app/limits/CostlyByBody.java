package brightplumb.app.limits;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Marks what takes room by itself with {@link WorkLimits#takeUntilSent}, because only the request's body tells what
 * work it is.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface CostlyByBody {}
