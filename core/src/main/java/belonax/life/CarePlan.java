package belonax.life;

import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.Oiling;
import belonax.machine.Past;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * What is due on a machine, by its kind and by how much lint it sees. Source: docs/craft.md, "Care".
 *
 * @param hoursSinceCleaning hours sewn since it was cleaned, at least 0
 * @param lintyHours hours of them on linty cloth or with linty thread, which count double
 * @param hoursSinceOil hours sewn since it was oiled
 * @param monthsSinceService empty when it was never serviced, as far as anybody knows
 * @param monthsUnused months since it last sewed
 * @param past where it comes from; in use as soon as it was run in
 */
public record CarePlan(
        double hoursSinceCleaning,
        double lintyHours,
        double hoursSinceOil,
        OptionalDouble monthsSinceService,
        double monthsUnused,
        Past past) {

    private static final double CLEAN_EVERY_HOURS = 8;
    private static final double OIL_EVERY_HOURS = 20;
    private static final double COMPUTER_SERVICE_MONTHS = 12;
    private static final double MECHANICAL_SERVICE_MONTHS = 21;
    private static final double LONG_STORED_MONTHS = 12;
    private static final double LINTY_SHARE = 0.4;

    /**
     * One thing that a machine wants.
     *
     * @param share how much of its interval is over; due from 1
     */
    public record Due(CareKind kind, double share, String reason) {
        public boolean isDue() {
            return share >= 1;
        }
    }

    /** Returns what this machine wants, the most pressing first; only what its owner or a technician may do. */
    public List<Due> of(Machine machine) {
        List<Due> all = new ArrayList<>();
        all.add(cleaning());
        if (machine.oiling() == Oiling.WHERE_THE_MANUAL_SAYS) {
            all.add(new Due(
                    CareKind.OIL,
                    hoursSinceOil / OIL_EVERY_HOURS,
                    String.format(
                            Locale.ROOT,
                            "%.0f hours since it was oiled; a drop where the manual says, wipe, sew scrap. Too much is worse"
                                    + " than too little.",
                            hoursSinceOil)));
        }
        all.add(service(machine));
        all.sort((a, b) -> Double.compare(b.share(), a.share()));
        return all;
    }

    /** Tells whether it is new here or stood so long that it wants its own path into use. */
    public boolean wantsRunIn() {
        return past.wantsRunIn() || monthsUnused >= LONG_STORED_MONTHS;
    }

    /**
     * Returns the path into use of a machine that is new here or stood long, in order; the mains plug is out before the plate
     * comes off.
     */
    public static List<String> backIntoUse(Machine machine) {
        List<String> steps = new ArrayList<>();
        steps.add("Mains plug out. Look it over: cable, plug, belt. A damaged cable is for a qualified technician.");
        steps.add(
                machine.kind().hasLoopers()
                        ? "Needles up, looper cover open: brush out the lint around loopers and knife."
                        : "Needle up, foot up. Take plate and bobbin case out and brush out the lint.");
        if (machine.oiling() == Oiling.WHERE_THE_MANUAL_SAYS) {
            steps.add("Oil where the manual says, a drop at each place, and wipe.");
        } else {
            steps.add("Do not oil it: on this machine oil is the technician's.");
        }
        steps.add(
                "Turn the wheel by hand, " + machine.wheelTurn().words() + ", through several turns: silent and even?");
        steps.add("Learn what moves: each lever, dial and foot once by hand, with the manual beside you.");
        steps.add("Plug in and let it run a while without thread, slowly at first.");
        steps.add("A new needle, thread it, sew scrap: only now judge it.");
        return steps;
    }

    private Due cleaning() {
        double counted = hoursSinceCleaning + lintyHours;
        String lint = lintyHours > LINTY_SHARE * hoursSinceCleaning && lintyHours > 0
                ? ", much of them linty, which counts double"
                : "";
        return new Due(
                CareKind.CLEAN,
                counted / CLEAN_EVERY_HOURS,
                String.format(
                        Locale.ROOT,
                        "%.1f hours sewn since it was cleaned%s. Brush, do not blow: blowing drives lint further in.",
                        hoursSinceCleaning,
                        lint));
    }

    private Due service(Machine machine) {
        double interval =
                machine.kind() == MachineKind.COMPUTER_CONTROLLED ? COMPUTER_SERVICE_MONTHS : MECHANICAL_SERVICE_MONTHS;
        boolean linty = lintyHours > LINTY_SHARE * Math.max(1, hoursSinceCleaning);
        double months = linty && machine.kind() == MachineKind.COMPUTER_CONTROLLED ? interval / 2 : interval;
        if (monthsSinceService.isEmpty()) {
            return new Due(
                    CareKind.SERVICE,
                    1,
                    "Nobody knows of a service. Some say every 6 to 12 months for all; we say " + Math.round(months)
                            + " months for this kind of machine.");
        }
        return new Due(
                CareKind.SERVICE,
                monthsSinceService.getAsDouble() / months,
                String.format(
                        Locale.ROOT,
                        "%s %.0f months ago; %.0f months are usual for this kind of machine and work.",
                        past == Past.NEW ? "New" : "Serviced",
                        monthsSinceService.getAsDouble(),
                        months));
    }
}
