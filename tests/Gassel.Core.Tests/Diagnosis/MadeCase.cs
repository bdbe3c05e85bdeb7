using Gassel.Core.Diagnosis;

namespace Gassel.Core.Tests.Diagnosis;

/// <summary>A made-up season that was judged.</summary>
/// <param name="Truth">What was at work in it.</param>
/// <param name="Careful">Of a grower who writes all down.</param>
/// <param name="IsEarly">Judged within its window.</param>
internal sealed record MadeCase(
    IReadOnlySet<Cause> Truth,
    int Faults,
    bool Careful,
    bool IsEarly,
    GerminationGround Ground,
    LowGermination Told
)
{
    private static readonly Fault[] All = Enum.GetValues<Fault>();

    /// <summary>One in five without a fault, one in five with two; one in fifteen judged early; every other by a careful grower.</summary>
    public static IEnumerable<MadeCase> Draw(int cases, int seed)
    {
        var chance = new Random(seed);
        for (var i = 0; i < cases; i++)
        {
            var early = i % 15 is 0 or 3;
            var season = Season(
                chance,
                (i % 5) switch
                {
                    0 => 0,
                    1 => 2,
                    _ => 1,
                },
                early
            );
            var careful = i % 2 == 0;
            var ground = MadeRecord.Of(season, chance, careful).Ground(out var conflicts)!;
            Assert.Empty(conflicts);
            var truth = season.Faults.Select(CauseOf).ToHashSet();
            if (early)
                truth.Add(Cause.NotTimeYet);
            yield return new(truth, season.Faults.Count, careful, early, ground, Judgement.Of(ground));
        }
    }

    private static Cause CauseOf(Fault fault) =>
        fault switch
        {
            Fault.ShortCold or Fault.WarmFridge => Cause.ChillingShort,
            Fault.NoWarmWeeks => Cause.WarmStepMissing,
            Fault.CoatWhole => Cause.CoatNotBroken,
            Fault.ColdRoom => Cause.TooCold,
            Fault.HotRoom => Cause.TooHot,
            Fault.Buried => Cause.CoveredThoughItNeedsLight,
            Fault.Lit => Cause.LitThoughItNeedsDark,
            Fault.Deep => Cause.TooDeep,
            Fault.DeadSeed => Cause.OldOrEmptySeed,
            Fault.Dried => Cause.DriedOut,
            Fault.Wet => Cause.DrownedOrRotted,
            Fault.Frosted => Cause.Frost,
            _ => Cause.Pests,
        };

    private static bool Applies(Fault fault, MadeKind kind) =>
        fault switch
        {
            Fault.ShortCold or Fault.WarmFridge => kind.ColdNeed > 0,
            Fault.NoWarmWeeks => kind.HasSmallEmbryo,
            Fault.CoatWhole => kind.HasCoat,
            Fault.Buried => kind.WantsLight,
            Fault.Lit => kind.WantsDark,
            Fault.Deep => !kind.WantsLight,
            _ => true,
        };

    /// <summary>Any fault is as frequent as any other that its kind can have.</summary>
    private static MadeSeason Season(Random chance, int faults, bool early)
    {
        while (true)
        {
            var kind = MadeKind.Draw(chance);
            var drawn = new HashSet<Fault>();
            for (var i = 0; i < faults; i++)
                drawn.Add(All[chance.Next(All.Length)]);
            if (drawn.Count == faults && drawn.All(f => Applies(f, kind)) && drawn.Select(CauseOf).Distinct().Count() == faults)
                return new(chance, kind, drawn, early);
        }
    }
}
