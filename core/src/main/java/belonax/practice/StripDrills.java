package belonax.practice;

import belonax.balance.Reading;
import belonax.balance.StitchModel;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.ClothPart;
import belonax.cloth.Make;
import belonax.practice.StripDrawing.Lock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;

/** Strips at a hidden lock: a wandering one, with fuzzy threads, along a straight, a curve and round a corner. */
final class StripDrills {
    private static final int STITCHES = 22;
    private static final int CURVE_FROM = 8;
    private static final int CORNER_FROM = 17;
    private static final double STITCH_MM = 2.5;
    private static final double DRAWN_UP_STITCH_MM = 2.1;
    private static final double WIDTH_MM = 56;
    private static final double HEIGHT_MM = 17;
    /** Along one seam the lock wanders by about so much, in units of w; more where the seam turns. */
    private static final double WANDER = 0.16;

    private static final double TURNS = 1.3;
    private static final double KEEPS_ON = 0.7;
    private static final int TRIES = 40;
    /** One question in four asks what is seen, which tells dots from loops; the others ask what is done about it. */
    private static final int ASKS_WHAT = 4;

    /** Cloth of which a strip is sewn: nothing that only helps another cloth, nothing too thick to lie flat. */
    private static final List<Cloth> CLOTHS = ClothCatalogue.standard().all().stream()
            .filter(cloth ->
                    cloth.part() == ClothPart.CARRIES && cloth.make() == Make.ORDINARY && cloth.thicknessMm() <= 1.5)
            .toList();

    private StripDrills() {}

    static Drill make(DrillId id, RandomGenerator random) {
        StripLook wanted = StripLook.values()[random.nextInt(StripLook.values().length)];
        boolean asksWhat = random.nextInt(ASKS_WHAT) == 0;
        StripDrawing drawing = drawn(wanted, id.level(), random);
        StripLook look = drawing.look();
        return asksWhat ? asksWhat(id, look, drawing, random) : asksWay(id, look, drawing);
    }

    private static Drill asksWay(DrillId id, StripLook look, StripDrawing drawing) {
        List<Way> ways = List.of(Way.values());
        return new Drill(
                id,
                topic(look),
                "Which way would you turn?",
                ways.stream().map(Way::words).toList(),
                ways.indexOf(look.way()),
                look.why(),
                look == StripLook.CLEAN || look.way() == Way.LEAVE ? List.of() : List.of(ways.indexOf(Way.LEAVE)),
                look.reading(),
                ways.stream().flatMap(way -> look.seenBy(way).stream()).toList(),
                Optional.of(drawing),
                Optional.empty(),
                "");
    }

    private static Drill asksWhat(DrillId id, StripLook look, StripDrawing drawing, RandomGenerator random) {
        List<String> near = Stream.of(near(look), List.of(StripLook.values()))
                .flatMap(List::stream)
                .map(StripLook::words)
                .toList();
        Choices choices = Choices.of(look.words(), near, random);
        List<StripLook> offered = choices.words().stream()
                .map(words -> Stream.of(StripLook.values())
                        .filter(stripLook -> stripLook.words().equals(words))
                        .findFirst()
                        .orElseThrow())
                .toList();
        List<Reading> seen = offered.stream()
                .flatMap(stripLook -> stripLook.reading().stream())
                .toList();
        boolean counts = look.reading().isPresent() && seen.size() == Drill.CHOICES;
        return new Drill(
                id,
                topic(look),
                "What do you see?",
                choices.words(),
                choices.right(),
                look.why(),
                offered.stream()
                        .filter(stripLook -> stripLook != look && near(look).contains(stripLook))
                        .map(offered::indexOf)
                        .toList(),
                counts ? look.reading() : Optional.empty(),
                counts ? seen : List.of(),
                Optional.of(drawing),
                Optional.empty(),
                "");
    }

    private static Topic topic(StripLook look) {
        return new Topic(DrillKind.STRIP, look.name());
    }

    /** What a look is taken for most easily; never anything that would be right as well. */
    private static List<StripLook> near(StripLook look) {
        return switch (look) {
            case CLEAN -> List.of(StripLook.DOTS, StripLook.TOP_DOTS, StripLook.DRAWN_UP);
            case TOP_DOTS -> List.of(StripLook.CLEAN, StripLook.TOP_LINE, StripLook.DOTS);
            case TOP_LINE -> List.of(StripLook.TOP_DOTS, StripLook.LOOPS, StripLook.DRAWN_UP);
            case DOTS -> List.of(StripLook.CLEAN, StripLook.LOOPS, StripLook.TOP_DOTS);
            case LOOPS -> List.of(StripLook.DOTS, StripLook.NEST, StripLook.TOP_LINE);
            case DRAWN_UP -> List.of(StripLook.CLEAN, StripLook.TOP_LINE, StripLook.LOOPS);
            case NEST -> List.of(StripLook.LOOPS, StripLook.DRAWN_UP, StripLook.CLEAN);
            case COMES_AND_GOES -> List.of(StripLook.TOP_DOTS, StripLook.DOTS, StripLook.BOTH_DOTTED);
            case BOTH_DOTTED -> List.of(StripLook.CLEAN, StripLook.COMES_AND_GOES, StripLook.DOTS);
        };
    }

    private static StripDrawing drawn(StripLook look, int level, RandomGenerator random) {
        StripDrawing drawing = once(look, level, random);
        for (int i = 0; i < TRIES && (drawing.isBetween() || drawing.look() != look); i++) {
            drawing = once(look, level, random);
        }
        return drawing;
    }

    private static StripDrawing once(StripLook look, int level, RandomGenerator random) {
        Cloth cloth = CLOTHS.get(random.nextInt(CLOTHS.size()));
        int layers = 2 + random.nextInt(2);
        double threadMm = 0.18 + 0.1 * random.nextDouble();
        double fuzz = look == StripLook.BOTH_DOTTED ? 1 : 0.25 * level + 0.2 * random.nextDouble();
        return new StripDrawing(
                WIDTH_MM,
                HEIGHT_MM,
                layers + " layers of " + cloth.name(),
                layers,
                layers * cloth.thicknessMm(),
                threadMm,
                fuzz,
                look == StripLook.DRAWN_UP,
                look == StripLook.NEST,
                locks(look, level, random));
    }

    private static List<Lock> locks(StripLook look, int level, RandomGenerator random) {
        double stitch = look == StripLook.DRAWN_UP ? DRAWN_UP_STITCH_MM : STITCH_MM;
        double bend = (random.nextBoolean() ? 1 : -1) * (0.3 + 0.2 * random.nextDouble());
        double middle = fromBalance(look, level, random);
        double x = 4;
        double y = HEIGHT_MM / 2 + bend * 2.5;
        double wander = 0;
        List<Lock> locks = new ArrayList<>();
        for (int i = 0; i < STITCHES; i++) {
            boolean turns = i >= CURVE_FROM && i < CORNER_FROM || i == CORNER_FROM;
            wander = KEEPS_ON * wander
                    + Math.sqrt(1 - KEEPS_ON * KEEPS_ON) * WANDER * (turns ? TURNS : 1) * random.nextGaussian();
            double at = look == StripLook.COMES_AND_GOES
                    ? 1.7 * Math.sin(2 * Math.PI * i / STITCHES + (middle > 0 ? 0 : Math.PI))
                    : middle;
            boolean hairy = look == StripLook.BOTH_DOTTED;
            double depth = StitchModel.lockDepth(at + wander);
            locks.add(new Lock(
                    x,
                    y,
                    depth,
                    size(depth) * (0.85 + 0.3 * random.nextDouble()),
                    random.nextDouble() < (hairy ? 0.55 : 0.03 * level),
                    random.nextDouble() < (hairy ? 0.55 : 0.03 * level)));
            double heading = heading(i, bend);
            x += stitch * Math.cos(heading);
            y += stitch * Math.sin(heading);
        }
        return locks;
    }

    /** The farther the lock lies off, the more of the other thread stands out. */
    private static double size(double depth) {
        return 0.4 + 0.75 * Math.max(0, Math.abs(depth) - StitchModel.HIDDEN_Z) / (1 - StitchModel.HIDDEN_Z);
    }

    /** Straight on, a curve one way and back, then round a corner. */
    private static double heading(int stitch, double bend) {
        if (stitch < CURVE_FROM) {
            return 0;
        }
        if (stitch < CORNER_FROM) {
            return -bend * Math.sin(Math.PI * (stitch - CURVE_FROM) / (CORNER_FROM - CURVE_FROM));
        }
        return Math.signum(bend) * 0.8;
    }

    /** How far from balance, in units of w: in the middle of its look where it is easy, near a border where it is hard. */
    private static double fromBalance(StripLook look, int level, RandomGenerator random) {
        double some = random.nextDouble();
        boolean low = random.nextBoolean();
        double dots = switch (level) {
            case 0 -> 1 + 0.4 * some;
            case 1 -> low ? 0.78 + 0.15 * some : 1.5 + 0.2 * some;
            default -> low ? 0.64 + 0.14 * some : 1.68 + 0.14 * some;
        };
        double line = 2.9 - 0.25 * level + 0.3 * some;
        return switch (look) {
            case TOP_DOTS -> dots;
            case DOTS -> -dots;
            case TOP_LINE -> line;
            case LOOPS -> -line;
            case COMES_AND_GOES -> low ? 1 : -1;
            default -> (low ? 1 : -1) * (0.1 + 0.12 * level) * some;
        };
    }
}
