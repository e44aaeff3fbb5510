package wideharbor.app.job;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.BriefBuilder;
import wideharbor.core.brief.Profile;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;

/** A brief as screens show and edit it: masses in kilograms, as people say them. */
record BriefView(
        @NotNull LocalDate prep,
        @NotNull LocalDateTime load,
        @NotNull LocalDate shoot,
        @NotNull LocalDate back,
        @NotNull @Size(max = 120) String place,
        double temperatureC,
        double hoursOn,
        double massFloorKg,
        double massCeilingKg,
        @NotNull List<ConfigurationId> configurations,
        @NotNull List<LensId> lenses,
        @NotNull @Size(max = 80) String operator,
        @NotNull Brief.Crew.Side shoulder,
        @NotNull Brief.Crew.Side eye,
        @NotNull @Size(max = 80) String focusPuller,
        @NotNull @Size(max = 80) String lead,
        @NotNull Profile profile,
        @NotNull @Size(max = 4000) String notes,
        @NotNull Asks asks) {

    static BriefView of(Brief b) {
        return new BriefView(
                b.dates().prep(),
                b.dates().load(),
                b.dates().shoot(),
                b.dates().back(),
                b.place(),
                b.temperatureC(),
                b.hoursOn(),
                b.massFloorGrams() / 1000,
                b.massCeilingGrams() / 1000,
                b.configurations(),
                b.lenses(),
                b.crew().operator(),
                b.crew().shoulder(),
                b.crew().eye(),
                b.crew().focusPuller(),
                b.crew().lead(),
                b.crew().profile(),
                b.notes(),
                b.asks());
    }

    Brief toBrief() {
        return BriefBuilder.builder()
                .dates(new Brief.Dates(prep, load, shoot, back))
                .place(place)
                .temperatureC(temperatureC)
                .hoursOn(hoursOn)
                .massFloorGrams((double) Math.round(massFloorKg * 1000))
                .massCeilingGrams((double) Math.round(massCeilingKg * 1000))
                .configurations(configurations)
                .lenses(lenses)
                .crew(new Brief.Crew(operator, shoulder, eye, focusPuller, lead, profile))
                .notes(notes)
                .asks(asks)
                .build();
    }
}
