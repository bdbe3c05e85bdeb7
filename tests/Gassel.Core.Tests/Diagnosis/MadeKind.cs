using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Diagnosis;

/// <summary>A made-up kind of plant as it truly is; what a grower knows of it is <see cref="Known"/>. Its numbers are invented.</summary>
internal sealed record MadeKind
{
    public required bool HasCoat { get; init; }
    public required bool HasSmallEmbryo { get; init; }

    /// <summary>Days of full cold that half of its seed needs; 0 for none.</summary>
    public required double ColdNeed { get; init; }
    public required bool WantsLight { get; init; }
    public required bool WantsDark { get; init; }
    public required double BandLow { get; init; }
    public required double BandHigh { get; init; }

    /// <summary>Days to emergence of its middle seed in the middle of its band.</summary>
    public required double MiddleDays { get; init; }
    public required double DepthMm { get; init; }

    /// <summary>Share of fresh seed that is alive.</summary>
    public required double Alive { get; init; }

    public double BaseC => BandLow - 8;

    public double CeilingC => BandHigh + 4;

    public static MadeKind Draw(Random chance)
    {
        var kind = chance.NextDouble();
        var wantsLight = chance.NextDouble() < 0.2;
        var low = 8 + (2 * chance.Next(0, 6));
        return new()
        {
            HasCoat = kind < 0.2,
            HasSmallEmbryo = kind is >= 0.2 and < 0.35,
            ColdNeed = kind is < 0.12 or > 0.92 ? 0 : 15 * chance.Next(2, 7),
            WantsLight = wantsLight,
            WantsDark = !wantsLight && chance.NextDouble() < 0.06,
            BandLow = low,
            BandHigh = low + 6 + (2 * chance.Next(0, 2)),
            MiddleDays = chance.Next(8, 29),
            DepthMm = wantsLight ? 0 : chance.Next(3, 13),
            Alive = 0.7 + (0.25 * chance.NextDouble()),
        };
    }

    public int UsualCold => (int)Math.Round(1.3 * ColdNeed);

    public int ShortestCold => (int)Math.Round(0.9 * ColdNeed);

    public int UsualWarm => HasSmallEmbryo ? 60 : 0;

    public DurationRange Window => new((int)(0.5 * MiddleDays), (int)Math.Ceiling(MiddleDays), (int)Math.Ceiling(2.6 * MiddleDays));

    /// <summary>As it stands in a library.</summary>
    public Species Known =>
        new(
            "made",
            "Fictus made",
            "made kind",
            (HasCoat, HasSmallEmbryo, ColdNeed > 0) switch
            {
                (true, _, true) => DormancyClass.Combinational,
                (true, _, false) => DormancyClass.Physical,
                (_, true, true) => DormancyClass.Morphophysiological,
                (_, true, false) => DormancyClass.Morphological,
                (_, _, true) => DormancyClass.Physiological,
                _ => DormancyClass.None,
            },
            ColdNeed > 60 ? DormancyDepth.Deep
                : ColdNeed > 0 ? DormancyDepth.Intermediate
                : null,
            [.. Flags()],
            HazardLevel.None,
            null,
            new(BandLow, BandHigh),
            null,
            WantsLight ? new(0, 0) : new(0.5 * DepthMm, DepthMm),
            SeedlingHardiness.Hardy,
            null,
            "",
            "made up",
            []
        );

    private IEnumerable<SpeciesFlag> Flags()
    {
        if (WantsLight)
            yield return SpeciesFlag.NeedsLight;
        if (WantsDark)
            yield return SpeciesFlag.NeedsDark;
    }
}
