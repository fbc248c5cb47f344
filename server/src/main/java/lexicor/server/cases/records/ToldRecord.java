package lexicor.server.cases.records;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/** What is told of a complaint in a few words; null where it was not said. */
@Embeddable
public class ToldRecord {
    @Column(name = "told_onset")
    public String onset;

    @Column(name = "told_duration")
    public String duration;

    @Column(name = "told_eases")
    public String eases;

    @Column(name = "told_provokes")
    public String provokes;

    @Column(name = "told_pain_now")
    public Integer painNow;

    @Column(name = "told_pain_at_night")
    public Integer painAtNight;

    @Column(name = "told_pain_at_worst")
    public Integer painAtWorst;

    @Column(name = "told_work")
    public String work;

    @Column(name = "told_needs")
    public String needs;
}
