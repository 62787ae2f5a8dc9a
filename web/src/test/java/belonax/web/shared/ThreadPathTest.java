package belonax.web.shared;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The rail: a bend of the thread for each stop, and on a phone the stops beside the evening's behind “More”. */
class ThreadPathTest {
    @Test
    void the_thread_bends_left_and_right_once_for_each_stop() {
        ThreadPath path = ThreadPath.at(Stop.MATCH);

        assertThat(path.run()).startsWith("M10 0c").containsOnlyOnce("M");
        assertThat(path.run().split("0 29", -1))
                .as("a half bend is 29 high")
                .hasSize(2 * path.stops().size() + 1);
        assertThat(path.box()).isEqualTo("0 0 20 " + 2 * 29 * path.stops().size());
    }

    @ParameterizedTest
    @EnumSource(Stop.class)
    void a_stop_stands_in_the_bar_of_a_phone_or_behind_more(Stop stop) {
        ThreadPath path = ThreadPath.at(stop);

        assertThat(path.besideTheWork().contains(stop)).isEqualTo(!stop.takesWork());
        assertThat(path.isBesideTheWork()).isEqualTo(!stop.takesWork());
    }

    @Test
    void a_page_at_no_stop_is_behind_nothing() {
        assertThat(ThreadPath.at(null).isBesideTheWork()).isFalse();
    }
}
