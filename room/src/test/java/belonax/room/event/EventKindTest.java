package belonax.room.event;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.fault.CheckId;
import belonax.room.CraftJson;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every kind of happening has its record, and what was ever kept of one is still read. The samples are never edited, only added to. */
class EventKindTest {
    private static final Event.Named NAMED = new Event.Named() {
        @Override
        public String needle(UUID id) {
            return "Jeans 100/16";
        }

        @Override
        public String check(CheckId id) {
            return "Is the top thread in its discs?";
        }
    };

    static List<Arguments> samples() throws IOException {
        try (InputStream in = EventKindTest.class.getResourceAsStream("kept-events.txt")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(line -> line.split(" \\| "))
                    .map(values -> Arguments.of(EventKind.valueOf(values[0]), values[1], values[2]))
                    .toList();
        }
    }

    @ParameterizedTest(name = "{0}: {2}")
    @MethodSource("samples")
    void what_was_kept_is_read_and_kept_again_as_it_was(EventKind kind, String kept, String words) {
        Event event = CraftJson.read(kept, kind.type());

        assertThat(CraftJson.tree(CraftJson.write(event))).isEqualTo(CraftJson.tree(kept));
        assertThat(EventKind.of(event)).isEqualTo(kind);
        assertThat(event.words(NAMED)).isEqualTo(words);
    }

    @Test
    void every_kind_has_a_record_of_its_own_and_a_sample() throws IOException {
        Set<Object> sampled =
                samples().stream().map(arguments -> arguments.get()[0]).collect(Collectors.toSet());

        assertThat(Stream.of(EventKind.values()).map(EventKind::type)).containsExactlyInAnyOrder(eventTypes());
        assertThat(sampled).containsExactlyInAnyOrder((Object[]) EventKind.values());
    }

    @SuppressWarnings("unchecked")
    private static Class<? extends Event>[] eventTypes() {
        return Stream.of(Event.class.getPermittedSubclasses())
                .filter(type -> type != Event.Unreadable.class)
                .toArray(Class[]::new);
    }

    static List<Arguments> columns() throws IOException {
        try (InputStream in = EventKindTest.class.getResourceAsStream("column-events.txt")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(line -> line.split(" => "))
                    .map(values -> Arguments.of(values[0], values[1]))
                    .toList();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("columns")
    void an_event_of_columns_is_lifted_whole(String columns, String expected) throws IOException {
        ColumnEvent old = CraftJson.mapper().readValue(columns, ColumnEvent.class);

        JsonNode lifted = CraftJson.tree(old.lifted());

        assertThat(lifted).isEqualTo(CraftJson.tree(expected));
        Event event = CraftJson.read(old.lifted(), EventKind.valueOf(old.kind()).type());
        assertThat(CraftJson.tree(CraftJson.write(event))).isEqualTo(lifted);
    }
}
