package brightplumb.app.limits;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Says what work an answer takes; on a class it holds for all its methods. Where nothing is said it is of the books.
 */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
public @interface Costly {

    /** The kind of work. */
    Work value();
}
