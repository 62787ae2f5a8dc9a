package belonax.web.practice;

/** Writes the paths of a drawing, in millimetres to the hundredth. */
final class Pen {
    private static final double PER_MM = 100;

    private final StringBuilder path = new StringBuilder();

    Pen to(double xMm, double yMm) {
        return add('M', xMm, yMm);
    }

    Pen line(double xMm, double yMm) {
        return add('L', xMm, yMm);
    }

    /** A curve that bends towards a place between. */
    Pen bow(double viaX, double viaY, double xMm, double yMm) {
        add('Q', viaX, viaY);
        return add(' ', xMm, yMm);
    }

    private Pen add(char how, double xMm, double yMm) {
        path.append(how).append(rounded(xMm)).append(' ').append(rounded(yMm));
        return this;
    }

    static double rounded(double mm) {
        return Math.round(mm * PER_MM) / PER_MM;
    }

    String drawn() {
        return path.toString();
    }
}
