package belonax.needle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.needle.NeedleLabel.Reading;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NeedleLabelTest {
    private static final String NONE = "-";

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            130/705 H-S 75/11         | 130/705 H | STRETCH    | 75/11  | -   | -
            130/705 H 80/12           | 130/705 H | UNIVERSAL  | 80/12  | -   | -
            130/705H-J 100/16         | 130/705 H | JEANS      | 100/16 | -   | -
            130/705 H SUK 90/14       | 130/705 H | JERSEY     | 90/14  | -   | -
            130/705 H-SUK 70/10       | 130/705 H | JERSEY     | 70/10  | -   | -
            130/705 HJ 90             | 130/705 H | JEANS      | 90/14  | -   | -
            SUK                       | -         | JERSEY     | -      | -   | -
            HAx1 14                   | 130/705 H | UNIVERSAL  | 90/14  | -   | -
            15 X 1 12/80              | 130/705 H | UNIVERSAL  | 80/12  | -   | -
            15x1H, NM 80              | 130/705 H | UNIVERSAL  | 80/12  | -   | -
            NM 80                     | -         | -          | 80/12  | -   | -
            100/15                    | -         | -          | 100/16 | -   | -
            130/705 H-M 70/11         | 130/705 H | SHARP      | 70/10  | -   | -
            4.0/80                    | -         | TWIN       | 80/12  | 4.0 | UNIVERSAL
            130/705 H ZWI 4,0 / 75    | 130/705 H | TWIN       | 75/11  | 4.0 | UNIVERSAL
            130/705 H-S ZWI 2.5/75    | 130/705 H | TWIN       | 75/11  | 2.5 | STRETCH
            130/705 H-J ZWI 4.0/100   | 130/705 H | TWIN       | 100/16 | 4.0 | JEANS
            H ZWI 1.6/70/10           | -         | TWIN       | 70/10  | 1.6 | UNIVERSAL
            130/705 H DRI 3.0/80      | 130/705 H | TRIPLE     | 80/12  | 3.0 | UNIVERSAL
            twin 4 mm stretch 90      | -         | TWIN       | 90/14  | 4.0 | STRETCH
            HAx1SP 90/14              | HAx1SP    | STRETCH    | 90/14  | -   | -
            ELx705 SUK 80/12          | ELx705    | JERSEY     | 80/12  | -   | -
            ELX 705 90                | ELx705    | UNIVERSAL  | 90/14  | -   | -
            130 R 90                  | 130 R     | -          | 90/14  | -   | -
            DBx1 100/16               | 287 WH    | -          | 100/16 | -   | -
            135x5 90/14               | 134 R     | -          | 90/14  | -   | -
            DPx17 125/20              | 135x17    | -          | 125/20 | -   | -
            B-27 75/11                | B-27      | -          | 75/11  | -   | -
            130/705 N 90/14           | 130/705 H | TOPSTITCH  | 90/14  | -   | -
            130/705 H-N 100/16        | 130/705 H | TOPSTITCH  | 100/16 | -   | -
            130/705 H LL 90/14        | 130/705 H | LEATHER    | 90/14  | -   | -
            130/705 H WING 100/16     | 130/705 H | WING       | 100/16 | -   | -
            130/705 H-MET 80/12       | 130/705 H | METALLIC   | 80/12  | -   | -
            130/705 H-E 75/11 titanium| 130/705 H | EMBROIDERY | 75/11  | -   | -
            130/705 H-Q 75/11 5 needles| 130/705 H| QUILTING   | 75/11  | -   | -
            BP 14                     | -         | JERSEY     | 90/14  | -   | -
            DEN 16                    | -         | JEANS      | 100/16 | -   | -
            SH 70                     | -         | SHARP      | 70/10  | -   | -
            micro 60/8                | -         | SHARP      | 60/8   | -   | -
            130/705 H self-threading 80/12 | 130/705 H | SELF_THREADING | 80/12 | - | -
            130-705 h – s 75 / 11     | 130/705 H | STRETCH    | 75/11  | -   | -
            ７０/１０ sharp            | -         | SHARP      | 70/10  | -   | -
            N° 14                     | -         | -          | 90/14  | -   | -
            130/705 H No. 90          | 130/705 H | UNIVERSAL  | 90/14  | -   | -
            HAx1 Nr 11                | 130/705 H | UNIVERSAL  | 75/11  | -   | -
            130/705 H N 90/14         | 130/705 H | TOPSTITCH  | 90/14  | -   | -
            N 90/14                   | -         | -          | 90/14  | -   | -
            130/705 H LR 90/14        | 130/705 H | LEATHER    | 90/14  | -   | -
            130/705 H-L 100/16        | 130/705 H | LEATHER    | 100/16 | -   | -
            """)
    void a_packet_is_read_part_by_part(
            String text, String system, String type, String size, String spacing, String point) {
        Reading reading = NeedleLabel.read(text);

        assertThat(reading.system().map(NeedleSystem::label).orElse(NONE)).isEqualTo(system);
        assertThat(reading.type().map(Enum::name).orElse(NONE)).isEqualTo(type);
        assertThat(reading.size().map(String::valueOf).orElse(NONE)).isEqualTo(size);
        assertThat(reading.twin().map(twin -> String.valueOf(twin.spacingMm())).orElse(NONE))
                .isEqualTo(spacing);
        assertThat(reading.twin().map(twin -> twin.point().name()).orElse(NONE)).isEqualTo(point);
        assertThat(reading.unread()).isEmpty();
    }

    @Test
    void every_needle_that_is_made_is_read_back_from_its_own_label() {
        for (Needle needle : NeedleRange.standard().of(NeedleSystem.H_130_705)) {
            assertThat(NeedleLabel.read(needle.label()).needle())
                    .as(needle.label())
                    .contains(needle);
        }
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            130/705 H 75-90             | 75/11 90/14
            130/705 H 90-100-110        | 90/14 100/16 110/18
            130/705 H 70/10-80/12-90/14 | 70/10 80/12 90/14
            130/705 H 70, 80, 90        | 70/10 80/12 90/14
            130/705 H 80-12             | 80/12
            130/705 H 100/15            | 100/16
            """)
    void every_size_of_an_assortment_is_read_and_none_is_a_slip_of_another(String text, String sizes) {
        Reading reading = NeedleLabel.read(text);

        assertThat(reading.sizes().stream().map(String::valueOf).toList()).containsExactly(sizes.split(" "));
        assertThat(reading.needles()).hasSameSizeAs(reading.sizes());
        assertThat(reading.unread()).isEmpty();
        assertThat(reading.notes().stream().anyMatch(note -> note.startsWith("An assortment")))
                .isEqualTo(reading.sizes().size() > 1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"130/705 H-K 80/12", "130/705 H XQ 90/14", "HAx1 K 80"})
    void letters_that_cannot_be_read_leave_the_type_unknown(String text) {
        Reading reading = NeedleLabel.read(text);

        assertThat(reading.type()).isEmpty();
        assertThat(reading.needle()).isEmpty();
        assertThat(reading.size()).isPresent();
        assertThat(reading.notes())
                .anyMatch(word -> word.startsWith("The packet holds a type whose letters we cannot read: "));
    }

    @Test
    void slips_are_corrected_and_told() {
        assertThat(NeedleLabel.read("100/15").corrections())
                .containsExactly(
                        "100/15 names two sizes: 100 goes with 16. The first number is the blade, so it is read as 100/16.");
        assertThat(NeedleLabel.read("130/705 H 0.75 cm").corrections())
                .containsExactly(
                        "A blade of 0.75 mm is size 75/11. The blade is measured in millimetres, not centimetres.");
        assertThat(NeedleLabel.read("705 H 90/14").corrections()).containsExactly("“705 H” is read as 130/705 H.");
    }

    @Test
    void rival_explanations_of_the_letters_are_named() {
        assertThat(NeedleLabel.read("130/705 H-S 75/11").notes())
                .anyMatch(text -> text.contains("household") && text.contains("the scarf"))
                .anyMatch(text -> text.contains("ball point is marked SUK"));
    }

    @Test
    void what_cannot_be_read_is_listed_and_never_guessed() {
        Reading reading = NeedleLabel.read("130/705 H Bramblewick 90/14 QX-48213 zz");

        assertThat(reading.unread()).containsExactly("BRAMBLEWICK", "QX-48213", "ZZ");
        assertThat(reading.notes()).anyMatch(text -> text.contains("catalogue number"));
        assertThat(reading.needle()).isPresent();
    }

    @Test
    void an_industrial_size_is_named_as_such() {
        assertThat(NeedleLabel.read("140/22").notes()).anyMatch(text -> text.contains("industrial machines"));
        assertThat(NeedleLabel.read("140/22").size())
                .hasValueSatisfying(
                        printedSize -> assertThat(printedSize.home()).isEmpty());
    }

    @Test
    void two_systems_on_one_label_are_not_mixed() {
        Reading reading = NeedleLabel.read("130/705 H DBx1 90/14");

        assertThat(reading.system()).contains(NeedleSystem.H_130_705);
        assertThat(reading.unread()).containsExactly("DBX1");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "needle",
                "????",
                "🪡",
                "thimble",
                "5 needles",
                "0/0",
                "99999999999999999999",
                "\u202e\u0000"
            })
    void what_tells_nothing_of_a_needle_is_refused(String text) {
        assertThatThrownBy(() -> NeedleLabel.read(text))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("130/705");
    }

    @Test
    @Tag("thorough")
    void whatever_is_typed_is_read_or_refused_and_never_breaks() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(20_261_125);
        String letters = "130/705 HSUKJQMNELZWIDRI-.,x×#0123456789 /\t☂é½Ⅷ";
        for (int i = 0; i < 20_000; i++) {
            StringBuilder text = new StringBuilder();
            for (int n = random.nextInt(24); n >= 0; n--) {
                text.append(letters.charAt(random.nextInt(letters.length())));
            }
            try {
                Reading reading = NeedleLabel.read(text.toString());
                assertThat(reading.pieces()).as(text.toString()).isNotEmpty();
            } catch (BadInput refused) {
                assertThat(refused.problems()).as(text.toString()).isNotEmpty();
            }
        }
        assertThatThrownBy(() -> NeedleLabel.read("9".repeat(10_000))).hasMessageContaining("longer than any");
    }

    @Test
    void a_loose_needle_is_named_by_shank_and_length() {
        LooseNeedle.Answer home = LooseNeedle.identify(Shank.FLAT, 2.0, 38.5);
        LooseNeedle.Answer round = LooseNeedle.identify(Shank.ROUND, 2.0, 38.5);
        LooseNeedle.Answer lockstitch = LooseNeedle.identify(Shank.ROUND, 1.6, 33.5);

        assertThat(home.candidates().get(0).system()).isEqualTo(NeedleSystem.H_130_705);
        assertThat(home.advice()).contains("manual").contains("HAx1SP measures the same");
        assertThat(round.candidates().stream().map(LooseNeedle.Candidate::system))
                .containsExactly(NeedleSystem.R_130, NeedleSystem.S_135X17);
        assertThat(round.advice()).contains("A ruler cannot part 130 R from 135x17");
        assertThat(lockstitch.candidates()).singleElement().satisfies(candidate -> {
            assertThat(candidate.system()).isEqualTo(NeedleSystem.WH_287);
            assertThat(candidate.likelihood()).isCloseTo(1, within(1e-9));
        });
        assertThat(lockstitch.advice()).contains("not for a home machine unless its own list names it");
    }

    @Test
    void a_thin_round_shank_is_never_called_two_millimetres() {
        for (double length = 28; length < 41; length += 0.1) {
            assertThat(LooseNeedle.identify(Shank.ROUND, 1.65, length).candidates())
                    .allMatch(candidate -> candidate.system().shankMm() < 1.8);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {38.5, 38.7, 38.9, 39.1})
    void between_the_two_flat_systems_both_are_named_with_what_tells_them_apart(double length) {
        LooseNeedle.Answer answer = LooseNeedle.identify(Shank.FLAT, 2.0, length);

        assertThat(answer.candidates().stream().map(LooseNeedle.Candidate::system))
                .contains(NeedleSystem.H_130_705, NeedleSystem.ELX705);
        assertThat(answer.advice()).contains("second groove on its back");
    }

    @Test
    void a_needle_of_no_known_system_is_never_guessed() {
        LooseNeedle.Answer answer = LooseNeedle.identify(Shank.FLAT, 2.0, 45);

        assertThat(answer.candidates()).isEqualTo(List.of());
        assertThat(answer.advice()).contains("do not fit it").contains("manual");
        assertThat(Optional.of(answer)).isPresent();
    }
}
