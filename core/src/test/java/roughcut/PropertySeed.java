package roughcut;

import net.jqwik.api.lifecycle.AroundPropertyHook;
import net.jqwik.api.lifecycle.PropagationMode;
import net.jqwik.api.lifecycle.PropertyExecutionResult;
import net.jqwik.api.lifecycle.PropertyExecutor;
import net.jqwik.api.lifecycle.PropertyLifecycleContext;

/**
 * The random values of all properties: the same in every {@code ./verify}, so that what passed here
 * passes on the next machine too; {@code ./stress properties} draws others, and many times more.
 */
public final class PropertySeed implements AroundPropertyHook {
  private static final String SEED = System.getProperty("roughcut.seed", "20261127");
  private static final int TIMES = Integer.getInteger("roughcut.tries.times", 1);

  @Override
  public PropagationMode propagateTo() {
    return PropagationMode.ALL_DESCENDANTS;
  }

  @Override
  public PropertyExecutionResult aroundProperty(
      PropertyLifecycleContext context, PropertyExecutor property) {
    if (context.attributes().seed().isEmpty()) {
      context.attributes().setSeed(SEED);
    }
    context.attributes().tries().ifPresent(n -> context.attributes().setTries(n * TIMES));
    return property.execute();
  }
}
