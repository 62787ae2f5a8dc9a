package belonax.web.shared.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class NotMoreThanItCarriesTest {
    @Test
    void who_would_wait_too_long_is_told_and_the_next_is_served() throws Exception {
        ConcurrencyLimitFilter filter = new ConcurrencyLimitFilter(2, 50);
        CountDownLatch working = new CountDownLatch(2);
        CountDownLatch done = new CountDownLatch(1);
        ExecutorService hands = Executors.newFixedThreadPool(2);
        List<Future<?>> slow = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            slow.add(hands.submit(() -> {
                filter.doFilter(new MockHttpServletRequest(), new MockHttpServletResponse(), (request, response) -> {
                    working.countDown();
                    await(done);
                });
                return true;
            }));
        }
        working.await();

        assertThat(asked(filter).getStatus()).isEqualTo(503);
        assertThat(asked(filter).getContentAsString()).contains("Nothing was recorded; ask again in a moment.");
        done.countDown();
        for (Future<?> future : slow) {
            future.get();
        }
        assertThat(asked(filter).getStatus()).isEqualTo(200);
        hands.shutdown();
    }

    private static MockHttpServletResponse asked(ConcurrencyLimitFilter filter) throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        filter.doFilter(new MockHttpServletRequest(), response, (request, answer) -> {});
        return response;
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
