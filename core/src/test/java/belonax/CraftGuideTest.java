package belonax;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.needle.Needle;
import belonax.needle.NeedleOutline;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.SewingThread;
import belonax.thread.ThreadLabel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every worked number of docs/craft.md, worked again. */
class CraftGuideTest {
    private static final Pattern WORKED = Pattern.compile("`(\\w+)\\(([^)]*)\\) = ([^`]+)`");

    @ParameterizedTest(name = "{0}({1}) = {2}")
    @MethodSource("workedNumbers")
    void the_guide_and_the_core_agree(String what, String of, String number) {
        String worked = switch (what) {
            case "blade" ->
                String.format(Locale.ROOT, "%.2f mm", NeedleSize.parse(of).bladeMm());
            case "tex" ->
                String.format(
                        Locale.ROOT,
                        "%.1f",
                        ThreadLabel.read(of).likeliest().tex().value());
            case "diameter" -> String.format(Locale.ROOT, "%.3f mm", thread(of).diameterMm());
            case "smallest" -> nm(window(of)[0]);
            case "largest" -> nm(window(of)[1]);
            case "cloth" -> cloth(of).toString();
            case "tip" ->
                String.format(
                        Locale.ROOT, "%.2f mm", NeedleOutline.of(needle(of)).tipMm());
            default -> "the test does not know how to work out " + what;
        };

        assertThat(worked).isEqualTo(number);
    }

    @Test
    void there_are_worked_numbers_at_all() throws IOException {
        assertThat(workedNumbers()).hasSizeGreaterThan(30);
    }

    static Stream<org.junit.jupiter.params.provider.Arguments> workedNumbers() throws IOException {
        Matcher matcher = WORKED.matcher(Files.readString(Path.of("../docs/craft.md")));
        return matcher
                .results()
                .map(it -> org.junit.jupiter.params.provider.Arguments.of(it.group(1), it.group(2), it.group(3)))
                .toList()
                .stream();
    }

    private static SewingThread thread(String words) {
        String[] word = words.toUpperCase(Locale.ROOT).split(" ");
        return SewingThread.spunPolyester(Double.parseDouble(word[1]))
                .of(Fibre.valueOf(word[2]), Build.valueOf(word[3]));
    }

    private static double[] window(String words) {
        String[] part = words.split(", ");
        double eye = NeedleType.valueOf(part[1].toUpperCase(Locale.ROOT)).eye().widthShare();
        var window = Job.sewing(Stack.of(ClothCatalogue.standard().get("poplin"), 2), thread(part[0]))
                .build()
                .threadWindow(eye);
        return new double[] {window.minNm(), window.maxNm()};
    }

    private static String nm(double value) {
        return String.valueOf(Math.round(value));
    }

    private static NeedleSize cloth(String words) {
        String[] word = words.split(" ");
        Cloth cloth = word[2].equals("woven")
                ? Cloths.woven(Double.parseDouble(word[3]))
                : ClothCatalogue.standard().get(word[2]);
        Stack stack = Stack.of(cloth, Integer.parseInt(word[0]));
        return Job.sewing(stack, SewingThread.spunPolyester(25))
                .build()
                .clothWindow()
                .ownSize();
    }

    private static Needle needle(String words) {
        String[] word = words.split(" ");
        return Needle.of(
                NeedleSystem.of(word[0] + " " + word[1]),
                NeedleType.valueOf(word[2].toUpperCase(Locale.ROOT)),
                NeedleSize.ofNm(Integer.parseInt(word[3])));
    }
}
