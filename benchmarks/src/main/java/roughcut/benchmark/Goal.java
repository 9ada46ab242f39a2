package roughcut.benchmark;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What a benchmark is held to by {@code ./benchmark --check}, in milliseconds. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
@interface Goal {
  /** The median takes less. */
  double median();

  /** So do 95 of a hundred; 0 where only the median is held to. */
  double most() default 0;
}
