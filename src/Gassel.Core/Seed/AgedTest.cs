using Gassel.Core.Treatments;

namespace Gassel.Core.Seed;

/// <summary>A germination test brought to the present: the seed went on ageing since, by the same school as untested seed.</summary>
/// <param name="Germinated">So many of the seed tested would come up today.</param>
internal readonly record struct AgedTest(int Germinated, string Words)
{
    public static AgedTest Of(GerminationTest test, SeedLot lot, Species species, ViabilitySchool school, double initial, DateOnly today)
    {
        if (test.On is not { } on)
            return new(test.Germinated, "The day of the test is not known, so its age is not counted: older seed comes up less.");
        if (on >= today)
            return new(test.Germinated, "Tested just now.");
        var (then, now) = (Alive(lot.AgeYears(on)), Alive(lot.AgeYears(today)));
        var share = then > 0 ? Math.Min(1, now / then) : 0;
        var germinated = (int)Math.Round(test.Germinated * share, MidpointRounding.AwayFromZero);
        return new(
            germinated,
            Text.Of(
                $"Tested {Quantity.Day(on)}. Of seed alive then {share:P0} is alive today by the "
                    + $"{(school == ViabilitySchool.Share ? "share" : "points")} school, so {test.Germinated} of "
                    + $"{test.Seeds} count as {germinated} of {test.Seeds}."
            )
        );

        double Alive(double years) => Viability.At(school, initial, years, species.Longevity, lot.Storage).Fraction;
    }
}
