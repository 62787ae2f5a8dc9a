package belonax.web.shared.form;

/** A text cell of a table: what a spreadsheet would take for a formula goes out with an apostrophe before it. */
public final class SheetCell {
    private static final String FORMULA = "=+-@\t\r";

    private SheetCell() {}

    /** Returns a text as it is written. */
    public static String written(String text) {
        return isFormula(text, 0) ? "'" + text : text;
    }

    /** Returns a written text as it was. */
    public static String read(String cell) {
        return cell.startsWith("'") && isFormula(cell, 1) ? cell.substring(1) : cell;
    }

    private static boolean isFormula(String text, int at) {
        return text.length() > at && FORMULA.indexOf(text.charAt(at)) >= 0;
    }
}
