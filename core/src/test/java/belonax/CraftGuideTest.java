package belonax;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.balance.BalanceSetup;
import belonax.balance.DialAdvisor;
import belonax.balance.Reading;
import belonax.balance.Slips;
import belonax.balance.StitchModel;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.cloth.Stretch;
import belonax.cloth.SwatchWeight;
import belonax.hazard.Job;
import belonax.life.EffectiveHours;
import belonax.life.Wear;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.match.Clearance;
import belonax.needle.LooseNeedle;
import belonax.needle.Needle;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleOutline;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Shank;
import belonax.practice.Repetition;
import belonax.sound.Knock;
import belonax.sound.KnockWatch;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.SewingThread;
import belonax.thread.ThreadLabel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
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
            case "lock" -> String.format(Locale.ROOT, "%.2f", StitchModel.lockDepth(Double.parseDouble(of)));
            case "width" -> String.format(Locale.ROOT, "%.2f", StitchModel.width(Double.parseDouble(of)));
            case "first" -> first(Double.parseDouble(of));
            case "cloth" -> cloth(of).toString();
            case "counted" -> Long.toString(Math.round(stack(of).counted().gsm()));
            case "height" -> String.format(Locale.ROOT, "%.1f mm", stack(of).heightMm());
            case "pierces" -> Long.toString(Math.round(stack(of).piercingGsm()));
            case "tip" ->
                String.format(
                        Locale.ROOT, "%.2f mm", NeedleOutline.of(needle(of)).tipMm());
            case "widest" -> widest(of);
            case "grown" -> grown(of);
            case "packet" -> NeedleLabel.read(of).needle().orElseThrow().words();
            case "loose" -> loose(of);
            case "weigh" -> weigh(of);
            case "stretch" -> stretch(of);
            case "hours" -> hours(of);
            case "dotsForClean" -> dotsForClean(of);
            case "days" -> days(of);
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
                .map(match ->
                        org.junit.jupiter.params.provider.Arguments.of(match.group(1), match.group(2), match.group(3)))
                .toList()
                .stream();
    }

    private static String dotsForClean(String words) {
        String[] part = words.split(" of ");
        int slips = Integer.parseInt(part[0]);
        Stream<Slips.Read> all = Stream.iterate(0, number -> number < Integer.parseInt(part[1]), number -> number + 1)
                .map(number -> new Slips.Read(Reading.DOTS, number < slips ? Reading.CLEAN : Reading.DOTS));
        return String.format(Locale.ROOT, "%.2f", Slips.of(all).chance(Slips.Mirrored.DOTS, Slips.Mirrored.CLEAN));
    }

    private static String days(String grades) {
        List<String> days = new ArrayList<>();
        Repetition repetition = Repetition.NEW;
        for (String grade : grades.split(", ")) {
            repetition = repetition.after(Integer.parseInt(grade));
            days.add(Integer.toString(repetition.days()));
        }
        return String.join(", ", days);
    }

    private static String widest(String words) {
        String[] part = words.split("[ ,/]+");
        double spacing = Double.parseDouble(part[3]);
        Clearance clearance = Clearance.of(new Clearance.Passage(
                Double.parseDouble(part[1]),
                OptionalDouble.empty(),
                spacing,
                NeedleSize.ofNm(Integer.parseInt(part[4])),
                spacing > 0 ? 2 : 1,
                OptionalDouble.empty(),
                0,
                OptionalDouble.empty()));
        return clearance.hasRoom() ? String.format(Locale.ROOT, "%.1f mm", clearance.maxStitchWidthMm()) : "none";
    }

    private static String grown(String decibels) {
        KnockWatch watch = KnockWatch.against(new Knock(0, 8));
        for (int eight = 0; eight < 10; eight++) {
            watch.hear(new Knock(Double.parseDouble(decibels.replace(" dB", "")), 8));
        }
        return watch.hasGrown() ? "told" : "not told";
    }

    private static String loose(String words) {
        String[] part = words.split(" ");
        return LooseNeedle.identify(
                        Shank.valueOf(part[0].toUpperCase(Locale.ROOT)),
                        Double.parseDouble(part[1]),
                        Double.parseDouble(part[2]))
                .candidates()
                .get(0)
                .system()
                .label();
    }

    private static String weigh(String words) {
        String[] part = words.split("[^0-9.]+");
        SwatchWeight weight = SwatchWeight.measure(
                Double.parseDouble(part[0]),
                Double.parseDouble(part[1]),
                Double.parseDouble(part[2]),
                Double.parseDouble(part[3]));
        return String.format(Locale.ROOT, "%.1f in %.1f to %.1f", weight.gsm(), weight.low(), weight.high());
    }

    private static String hours(String words) {
        String[] part = words.split(" min, |, ");
        return String.format(
                Locale.ROOT,
                "%.2f",
                EffectiveHours.of(Double.parseDouble(part[0]), Wear.valueOf(part[1]), part[2].equals("coated"))
                        .value());
    }

    private static String stretch(String words) {
        String[] part = words.split(", ");
        Stretch stretch =
                Stretch.measure(Double.parseDouble(part[0]), Double.parseDouble(part[1]), Double.parseDouble(part[2]));
        return Math.round(stretch.stretchPercent()) + " % and " + Math.round(stretch.recoveryPercent()) + " %";
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

    private static Stack stack(String words) {
        String[] word = words.split(" ");
        Cloth cloth = word[2].equals("woven")
                ? Cloths.woven(Double.parseDouble(word[3]))
                : ClothCatalogue.standard().get(word[2]);
        return Stack.of(cloth, Integer.parseInt(word[0]));
    }

    private static NeedleSize cloth(String words) {
        return Job.sewing(stack(words), SewingThread.spunPolyester(25))
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

    /** The first dial for a top thread of this tex on an unknown machine. */
    private static String first(double tex) {
        BalanceSetup setup = new BalanceSetup(
                Dial.numbered(), BobbinKind.REMOVABLE, 0.7, 0, SewingThread.spunPolyester(tex), Optional.empty());
        double dial = DialAdvisor.advise(setup, List.of(), List.of()).dial().orElseThrow();
        return String.valueOf(dial).replaceFirst("\\.0$", "");
    }
}
