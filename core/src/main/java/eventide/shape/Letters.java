package eventide.shape;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * How long a text, or each of a list of texts, may be, in characters. Declared once, on the component: the constructor refuses
 * by it, the published description says it, and the column it is kept in holds as much.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Letters {
    int most();

    /** 1 where it must not be blank. */
    int least() default 0;

    /** Of texts in a list. */
    int items() default 100;
}
