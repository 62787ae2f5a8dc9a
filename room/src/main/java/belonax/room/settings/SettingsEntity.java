package belonax.room.settings;

import belonax.hazard.SizeSchool;
import belonax.life.RetirementSchool;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The one row of settings. */
@Entity
@Table(name = "settings")
class SettingsEntity {
    static final int ONLY = 1;

    @Id
    @SuppressWarnings("UnusedVariable") // There is one row.
    private int id = ONLY;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Units units = Units.METRIC;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Light light = Light.SYSTEM;

    private boolean largerText;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private SizeSchool sizeSchool = SizeSchool.INTERSECT;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private RetirementSchool retirementSchool = RetirementSchool.WORKED_OUT;

    void put(Settings settings) {
        units = settings.units();
        light = settings.light();
        largerText = settings.largerText();
        sizeSchool = settings.sizeSchool();
        retirementSchool = settings.retirement();
    }

    Settings settings() {
        return new Settings(units, light, largerText, sizeSchool, retirementSchool);
    }
}
