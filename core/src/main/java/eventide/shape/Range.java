package eventide.shape;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The numbers a record component may take, both ends inclusive. Declared once, on the component: the
 * constructor refuses by it and the published API description is written from it.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Range {
    double from();

    double to();

    /** The unit as printed behind the range, such as {@code cm}; empty for a plain number. */
    String unit() default "";
}
