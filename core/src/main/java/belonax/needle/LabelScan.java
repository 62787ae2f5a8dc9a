package belonax.needle;

import belonax.needle.NeedleLabel.Part;
import belonax.needle.NeedleLabel.Piece;
import belonax.needle.NeedleLabel.PrintedSize;
import belonax.needle.NeedleLabel.Reading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.BiConsumer;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** One pass over a label: at each place the first rule that fits takes its words; a word that no rule takes is unread. */
final class LabelScan {
    private static final int WIDEST_SPACING = 7;
    /** A lone number from here to 19 is the older trade number; a smaller one beside a size counts needles. */
    private static final int SMALLEST_TRADE_NUMBER = 8;

    private record Rule(Pattern pattern, BiConsumer<LabelScan, MatchResult> take) {
        static Rule on(String regex, BiConsumer<LabelScan, MatchResult> take) {
            return new Rule(Pattern.compile(regex), take);
        }
    }

    private static final Pattern BETWEEN = Pattern.compile("[\\s\\-_,;:.()\\[\\]|+&/\"']+");
    private static final Pattern WORD = Pattern.compile("[^\\s,;()\\[\\]|/]+");
    private static final String END = "(?![A-Z0-9])";
    /** German and Dutch packets write the kind and the word for needle as one. */
    private static final String NEEDLE_WORD = "NEED(?:LE|EL)S?|NADELN?|NAALD(?:EN)?";

    private static final String NEEDLE = "(?:[\\s-]*(?:" + NEEDLE_WORD + "))?" + END;

    private static final String PIECES =
            "(?:" + NEEDLE_WORD + "|PIECES|PCS|PACK|PER PACK|PK|COUNT|STÜCK|STUCK|STK|ST|STUKS)";

    private static final List<Rule> NUMBERS_AND_SYSTEMS = List.of(
            Rule.on("(\\d{1,3})\\s*(?:X\\s*)?" + PIECES + END, LabelScan::takeCount),
            Rule.on("(?:BOX|PACK|PACKET|SET|QTY)(?:\\s+OF)?[\\s:]+(\\d{1,3})" + END, LabelScan::takeCount),
            Rule.on("X\\s*(\\d{1,3})" + END, LabelScan::takeCount),
            Rule.on(
                    "(?:" + NEEDLE_WORD + ")" + END + "|SIZES?(?=[\\s:.]*\\d)|SYSTEM" + END + "|SYS" + END
                            + "|ASSORTE?D?" + END + "|ASSORTMENT" + END,
                    (scan, match) -> {}),
            // In brackets behind a size a small number counts, unless it is that size's trade number.
            Rule.on("(?<=[(\\[])\\s*(\\d{1,2})((?:\\s*\\+\\s*\\d{1,2})*)\\s*(?=[)\\]])", LabelScan::takeBracketed),
            Rule.on("N\\s*°\\s*(?=\\d)|(?:NO|NR|NUM)\\.?\\s*(?=\\d)", (scan, match) -> {}),
            Rule.on("130\\s*[-/]?\\s*705\\s*-?(H)?" + END + "|705\\s*-?(H)" + END, LabelScan::takeHomeSystem),
            Rule.on("130\\s*[-/]?\\s*705(?=\\s*-?\\s*[A-Z])", LabelScan::takeHomeSystem),
            Rule.on("130\\s*-?N" + END, LabelScan::takeTopstitchSystem),
            Rule.on("HA\\s*X\\s*1\\s*-?SP" + END, system(NeedleSystem.HAX1SP)),
            Rule.on("HA\\s*X\\s*1" + END + "|15\\s*X\\s*1\\s*H?" + END, system(NeedleSystem.H_130_705)),
            Rule.on("EL\\s*X\\s*705" + END, system(NeedleSystem.ELX705)),
            Rule.on("130\\s*-?R" + END, system(NeedleSystem.R_130)),
            Rule.on("206\\s*X\\s*13" + END, system(NeedleSystem.S_206X13)),
            Rule.on("287\\s*-?WH" + END + "|16\\s*X\\s*231" + END + "|DB\\s*X\\s*1" + END, system(NeedleSystem.WH_287)),
            Rule.on("134\\s*-?R" + END + "|135\\s*X\\s*5" + END + "|DP\\s*X\\s*5" + END, system(NeedleSystem.R_134)),
            Rule.on("135\\s*X\\s*17" + END + "|DP\\s*X\\s*17" + END, system(NeedleSystem.S_135X17)),
            Rule.on("B\\s*-?\\s*27" + END + "|DC\\s*X\\s*27" + END, system(NeedleSystem.B_27)),
            Rule.on(
                    "[A-Z]{2,3}\\s*X\\s*\\d{1,4}" + END + "|\\d{3}\\s*X\\s*\\d{1,3}" + END,
                    LabelScan::takeUnknownSystem),
            Rule.on("(\\d{1,2})\\s*X\\s*(\\d{2,3})(?:\\s*/\\s*(\\d{1,2}))?" + END, LabelScan::takeCounted),
            Rule.on("(\\d{2,3})\\s*/\\s*(\\d{1,2}\\.\\d{1,2})\\s*(?:MM)?" + END, LabelScan::takeSizeAndSpacing),
            Rule.on(
                    "(\\d{2,3}(?:\\s*/\\s*\\d{1,2})?)(?:\\s*[-,+&]\\s*\\d{2,3}(?:\\s*/\\s*\\d{1,2})?)+" + END
                            + "(?!\\.\\d)",
                    LabelScan::takeRun),
            Rule.on(
                    "(\\d{1,2}(?:\\.\\d{1,2})?)\\s*(?:MM)?\\s*/\\s*(?:NM\\s*)?(\\d{2,3})(?:\\s*[/-]\\s*(\\d{1,2}))?"
                            + END,
                    LabelScan::takeSpacingAndSize),
            Rule.on("(?:NM|NO|NR|#)?[.\\s]*(\\d{2,3})\\s*[/-]\\s*(\\d{1,2})" + END + "(?!\\.\\d)", LabelScan::takePair),
            Rule.on("(?:NM|NO|NR|#)?[.\\s]*(\\d{1,2})\\s*[/-]\\s*(\\d{2,3})" + END, LabelScan::takePairTurned),
            Rule.on("(?:0?|1)\\.(\\d{1,2})\\s*(MM|CM)?" + END, LabelScan::takeBlade),
            Rule.on("(\\d{1,2}(?:\\.\\d{1,2})?)\\s*MM" + END, LabelScan::takeSpacing),
            Rule.on("([1-9]\\.\\d{1,2})" + END, LabelScan::takeSpacing),
            Rule.on("(?:NM|#)[.\\s]*(\\d{1,3})" + END, LabelScan::takeSingle),
            Rule.on("(\\d{1,3})" + END, LabelScan::takeSingle),
            Rule.on(
                    "TITANIUM" + END + "|TITAN" + END + "|TIN" + END + "|CHROMED?" + END + "|CR" + END + "|CF" + END
                            + "|(?:HARD[\\s-]*)?COATED" + END,
                    LabelScan::takeCoating));

    private static final List<Rule> RULES =
            Stream.concat(NUMBERS_AND_SYSTEMS.stream(), typeRules()).toList();

    private final String text;
    private final List<Piece> pieces = new ArrayList<>();
    private final List<String> corrections = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private final List<String> unread = new ArrayList<>();
    private final LabelMeaning meaning = new LabelMeaning();

    LabelScan(String text) {
        this.text = text;
    }

    Reading reading() {
        int at = 0;
        while (at < text.length()) {
            at = step(at);
        }
        meaning.conclude(notes);
        return new Reading(
                meaning.system(),
                meaning.type(),
                meaning.size(),
                meaning.sizes(),
                meaning.twin(),
                meaning.count(),
                meaning.isCoated(),
                pieces,
                corrections,
                notes.stream().distinct().toList(),
                unread);
    }

    private int step(int at) {
        Matcher between = BETWEEN.matcher(text).region(at, text.length());
        // A decimal point or a number sign can begin a piece, so only other separators are passed over.
        if (between.lookingAt() && !startsNumber(at)) {
            return at + 1;
        }
        for (Rule rule : RULES) {
            Matcher matcher = rule.pattern().matcher(text).region(at, text.length());
            matcher.useTransparentBounds(true);
            if (matcher.lookingAt() && matcher.end() > at) {
                rule.take().accept(this, matcher.toMatchResult());
                return matcher.end();
            }
        }
        Matcher word = WORD.matcher(text).region(at, text.length());
        int end = word.lookingAt() ? word.end() : at + 1;
        leaveUnread(text.substring(at, end));
        return end;
    }

    private boolean startsNumber(int at) {
        return text.charAt(at) == '.' && at + 1 < text.length() && Character.isDigit(text.charAt(at + 1));
    }

    private void leaveUnread(String word) {
        unread.add(word);
        if (word.chars().allMatch(letter -> Character.isLetter(letter) || letter == '-')
                && word.chars().anyMatch(Character::isLetter)) {
            meaning.unreadLetters(word);
        }
        if (word.matches("[A-Z]{0,3}[-.]?\\d{4,}[A-Z]{0,2}")) {
            notes.add("“" + word + "” looks like a maker's own catalogue number; the needle is told without it.");
        }
    }

    /** What packets call each type; the H comes last, since letters may follow it. */
    private static Stream<Rule> typeRules() {
        Stream<Rule> types = NeedleType.ALL.stream()
                .sorted(Comparator.comparing(type -> !type.isMultiple()))
                .flatMap(LabelScan::rulesOf);
        String letters = NeedleType.ALL.stream()
                .flatMap(type -> type.lettersBehindTheScarf())
                .collect(Collectors.joining("|"));
        return Stream.concat(
                types,
                Stream.of(
                        Rule.on("N" + END, LabelScan::takeN),
                        Rule.on(
                                "H" + END + "|H(?=\\s*-\\s*[A-Z])|H(?=(?:" + letters + ")" + END + ")",
                                LabelScan::takeScarf)));
    }

    private static Stream<Rule> rulesOf(NeedleType type) {
        String printed = Stream.concat(
                        type.packetNames().stream().map(name -> name + NEEDLE),
                        type.packetLetters().stream().map(letter -> letter + END))
                .collect(Collectors.joining("|"));
        Stream<Rule> abbreviations = type.abbreviations().entrySet().stream()
                .map(entry -> Rule.on("(?:" + entry.getKey() + ")" + END, abbreviation(type, entry.getValue())));
        return Stream.concat(
                Stream.of(Rule.on(printed, type.isMultiple() ? multiple(type) : point(type))), abbreviations);
    }

    private static BiConsumer<LabelScan, MatchResult> system(NeedleSystem system) {
        return (scan, match) -> scan.takeSystem(match.group(), system);
    }

    private static BiConsumer<LabelScan, MatchResult> point(NeedleType type) {
        return (scan, match) -> scan.takePoint(match.group(), type);
    }

    private static BiConsumer<LabelScan, MatchResult> abbreviation(NeedleType type, String note) {
        return (scan, match) -> {
            scan.takePoint(match.group(), type);
            scan.notes.add(note);
        };
    }

    private static BiConsumer<LabelScan, MatchResult> multiple(NeedleType type) {
        return (scan, match) -> {
            scan.meaning.multiple(type);
            scan.pieces.add(new Piece(
                    Part.SPACING,
                    match.group(),
                    type.count() == 2
                            ? "Two needles on one shank."
                            : "Three needles on one shank; their spacing is told over all."));
        };
    }

    private void takeHomeSystem(MatchResult match) {
        String printed = match.group();
        takeSystem(printed, NeedleSystem.H_130_705);
        if (printed.startsWith("705")) {
            corrections.add("“" + printed + "” is read as 130/705 H.");
        }
        if (printed.endsWith("H")) {
            explainScarf();
        }
    }

    private void takeSystem(String printed, NeedleSystem system) {
        if (!meaning.system(system)) {
            unread.add(printed);
            notes.add("The label names two systems that are not the same; the first is taken. Trust the machine's own"
                    + " list, not the packet.");
            return;
        }
        String synonym = system.label().equals(printed) || printed.startsWith("130")
                ? ""
                : " It is another name of " + system.label() + ".";
        pieces.add(new Piece(Part.SYSTEM, printed, shank(system) + synonym));
    }

    private static String shank(NeedleSystem system) {
        return (system.shank() == Shank.FLAT ? "A shank with one flat, " : "A round shank, ") + system.where() + ".";
    }

    /** 130 N is how packets of topstitch needles are printed. */
    private void takeTopstitchSystem(MatchResult match) {
        takeSystem(match.group(), NeedleSystem.H_130_705);
        takePoint("N", NeedleType.TOPSTITCH);
    }

    private void takeUnknownSystem(MatchResult match) {
        unread.add(match.group());
        meaning.unknownSystem();
        notes.add("“" + match.group()
                + "” names a system that we do not know: leave it out of the machine unless its manual or"
                + " the printing on its front names that very system.");
    }

    private void takeScarf(MatchResult match) {
        meaning.scarf();
        explainScarf();
    }

    private void explainScarf() {
        if (pieces.stream().noneMatch(piece -> piece.part() == Part.SCARF)) {
            pieces.add(new Piece(Part.SCARF, "H", "The scarf: the hollow behind the eye, where the hook passes."));
            notes.add("Some read the H as household, some as a sharp point. It means the scarf; what the point is like"
                    + " follows in the next letters.");
        }
    }

    private void takePoint(String printed, NeedleType type) {
        if (!meaning.point(type)) {
            unread.add(printed);
            return;
        }
        pieces.add(new Piece(Part.POINT, printed, LabelMeaning.explained(type)));
        if (printed.equals("S")) {
            notes.add("The S stands for stretch. Some take it for ball point; a jersey ball point is marked SUK.");
        }
    }

    private void takeSpacingAndSize(MatchResult match) {
        double spacing = Double.parseDouble(match.group(1));
        int nm = Integer.parseInt(match.group(2));
        boolean isSpacing = match.group(1).contains(".") || spacing < WIDEST_SPACING;
        if (!isSpacing || nm < 50) {
            takePair(match);
            return;
        }
        takeSpacing(spacing, match.group(1));
        takeSize(match.group(2) + (match.group(3) == null ? "" : "/" + match.group(3)), nm, match.group(3));
    }

    /** On a twin the small decimal is the spacing, on whichever side it stands. */
    private void takeSizeAndSpacing(MatchResult match) {
        takeSize(match.group(1), Integer.parseInt(match.group(1)), null);
        takeSpacing(Double.parseDouble(match.group(2)), match.group(2));
    }

    private void takeSpacing(MatchResult match) {
        takeSpacing(Double.parseDouble(match.group(1)), match.group(1));
    }

    private void takeSpacing(double spacingMm, String printed) {
        if (!(spacingMm >= 1 && spacingMm <= 10)) {
            unread.add(printed);
            return;
        }
        meaning.spacing(spacingMm);
        pieces.add(new Piece(Part.SPACING, printed, "The needles stand " + spacingMm + " mm apart."));
    }

    /** N is the letter of a topstitch needle only behind H or 705; before a number it means number. */
    private void takeN(MatchResult match) {
        if (meaning.hasHomeSystem()) {
            takePoint(match.group(), NeedleType.TOPSTITCH);
        } else if (!text.startsWith(" ", match.end()) && match.end() < text.length() || !isBeforeNumber(match.end())) {
            leaveUnread(match.group());
        }
    }

    private boolean isBeforeNumber(int at) {
        return text.substring(at).strip().matches("\\d.*");
    }

    /** A run of blades is an assortment (75-90, 90-100-110); a blade with its trade number is one size (80-12). */
    private void takeRun(MatchResult match) {
        List<String> parts = List.of(match.group().split("\\s*[-,+&]\\s*"));
        boolean allBlades = parts.stream()
                .map(part -> Integer.parseInt(part.split("\\s*/\\s*")[0]))
                .allMatch(nm -> LabelMeaning.ofNm(nm).isPresent());
        if (!allBlades) {
            takeLoosePair(match.group(), parts);
            return;
        }
        for (String part : parts) {
            String[] numbers = part.split("\\s*/\\s*");
            takeSize(part, Integer.parseInt(numbers[0]), numbers.length > 1 ? numbers[1] : null);
        }
    }

    /** Two numbers that are not both blades name one size; anything longer is read number by number. */
    private void takeLoosePair(String printed, List<String> parts) {
        boolean plain = parts.stream().noneMatch(part -> part.contains("/"));
        if (parts.size() == 2 && plain) {
            int first = Integer.parseInt(parts.get(0));
            int second = Integer.parseInt(parts.get(1));
            takeSize(printed, Math.max(first, second), String.valueOf(Math.min(first, second)));
            return;
        }
        for (String part : parts) {
            String[] numbers = part.split("\\s*/\\s*");
            takeNumber(part, Integer.parseInt(numbers[0]));
        }
    }

    /** Of two numbers the larger is the blade, whichever stands first. */
    private void takePair(MatchResult match) {
        int first = Integer.parseInt(match.group(1));
        int second = Integer.parseInt(match.group(2));
        takeSize(match.group(), Math.max(first, second), String.valueOf(Math.min(first, second)));
    }

    private void takePairTurned(MatchResult match) {
        takeSize(match.group(), Integer.parseInt(match.group(2)), match.group(1));
    }

    private void takeBlade(MatchResult match) {
        String digits = match.group(1).length() == 1 ? match.group(1) + "0" : match.group(1);
        int nm = Integer.parseInt(digits) + (match.group().startsWith("1") ? 100 : 0);
        Optional<PrintedSize> size = LabelMeaning.ofNm(nm);
        if (size.isEmpty() || meaning.size().isPresent()) {
            if (match.group().startsWith("1")) {
                takeSpacing(Double.parseDouble("1." + match.group(1)), match.group());
            } else {
                unread.add(match.group());
            }
            return;
        }
        if (match.group().startsWith("1") && match.group(1).length() == 1) {
            takeSpacing(Double.parseDouble("1." + match.group(1)), match.group());
            return;
        }
        String unit = "CM".equals(match.group(2)) ? " The blade is measured in millimetres, not centimetres." : "";
        corrections.add("A blade of " + nm / 100.0 + " mm is size " + size.get() + "." + unit);
        keepSize(match.group(), size.get());
    }

    private void takeSingle(MatchResult match) {
        takeNumber(match.group(), Integer.parseInt(match.group(1)));
    }

    private void takeNumber(String printed, int number) {
        Optional<PrintedSize> size = LabelMeaning.ofNm(number).or(() -> LabelMeaning.ofTrade(number));
        if (size.isEmpty() && meaning.size().isPresent() && number >= 1 && number < SMALLEST_TRADE_NUMBER) {
            keepCount(printed, number);
            return;
        }
        if (size.isEmpty()) {
            unread.add(printed);
            return;
        }
        keepSize(printed, size.get());
    }

    private void takeSize(String printed, int nm, @org.jspecify.annotations.Nullable String trade) {
        Optional<PrintedSize> size = LabelMeaning.ofNm(nm);
        if (size.isEmpty()) {
            unread.add(printed);
            return;
        }
        if (trade != null && Integer.parseInt(trade) != size.get().trade()) {
            corrections.add(nm + "/" + trade + " names two sizes: " + nm + " goes with "
                    + size.get().trade() + ". The first number is the blade, so it is read as " + size.get() + ".");
        }
        keepSize(printed, size.get());
    }

    private void keepSize(String printed, PrintedSize size) {
        if (meaning.sizes().contains(size)) {
            return;
        }
        meaning.size(size);
        pieces.add(new Piece(
                Part.SIZE,
                printed,
                "Size " + size + ": a blade " + size.nm() / 100.0
                        + " mm thick; the second number is the older trade number and means the same."));
        if (size.home().isEmpty()) {
            notes.add(size + " is a size for industrial machines; no home machine should be given it.");
        }
    }

    /** “2x70” is two of size 70. */
    private void takeCounted(MatchResult match) {
        int nm = Integer.parseInt(match.group(2));
        if (LabelMeaning.ofNm(nm).isEmpty()) {
            leaveUnread(match.group());
            return;
        }
        takeSize(match.group(), nm, match.group(3));
        meaning.count(OptionalInt.of(meaning.count().orElse(0) + Integer.parseInt(match.group(1))));
    }

    private void takeBracketed(MatchResult match) {
        int number = Integer.parseInt(match.group(1));
        boolean tradeNumber = meaning.sizes().stream().anyMatch(size -> size.trade() == number);
        if (meaning.size().isEmpty()) {
            takeNumber(match.group(), number);
        } else if (!tradeNumber || !match.group(2).isEmpty()) {
            keepCount(
                    match.group(),
                    Stream.of(match.group().strip().split("\\s*\\+\\s*"))
                            .mapToInt(Integer::parseInt)
                            .sum());
        }
    }

    private void takeCount(MatchResult match) {
        keepCount(match.group(), Integer.parseInt(match.group(1)));
    }

    private void keepCount(String printed, int count) {
        if (count < 1) {
            unread.add(printed);
            return;
        }
        meaning.count(OptionalInt.of(count));
        pieces.add(new Piece(Part.COUNT, printed, count == 1 ? "One needle." : count + " needles in the packet."));
    }

    private void takeCoating(MatchResult match) {
        meaning.coated();
        pieces.add(new Piece(Part.COATING, match.group(), "A hard coating."));
        notes.add(
                "Some find that a hard coating makes a needle last longer, some use it mainly to tell needles apart. We"
                        + " count it as half again the life until your own log says otherwise.");
    }
}
