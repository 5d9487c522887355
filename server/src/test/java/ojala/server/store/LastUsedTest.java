package ojala.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;

/** What was asked for last is remembered, no more than allowed. */
public class LastUsedTest {
    @Test
    public void aValueIsMadeOnceWhileItIsRemembered() {
        LastUsed<String, Integer> values = new LastUsed<>(2);
        AtomicInteger made = new AtomicInteger();
        for (String key : new String[] {"a", "a", "b", "a", "c", "a"}) {
            values.get(key, wanted -> made.incrementAndGet());
        }
        assertThat(made).hasValue(3);
        values.get("b", wanted -> made.incrementAndGet());
        assertThat(made).as("b was asked for longest ago").hasValue(4);
        values.get("a", wanted -> made.incrementAndGet());
        assertThat(made).hasValue(4);
    }

    @Test
    public void whatIsLookedForMeansItself() {
        assertThat(LikePattern.within("100%_\\")).isEqualTo("%100\\%\\_\\\\%");
        assertThat(LikePattern.beginning("ab_")).isEqualTo("ab\\_%");
    }
}
