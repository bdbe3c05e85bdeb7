using Gassel.Core.Germination;

namespace Gassel.Core.Planning;

/// <summary>What own sowings of a species tell of the warmth it comes up with.</summary>
/// <param name="Sowings">It goes by, the oldest first.</param>
/// <param name="LeftOut">Sowings that came up, of which the temperature was not measured, or whose seed had sprouted before.</param>
/// <param name="Learned">Null where none of them tells anything.</param>
public sealed record WarmthLesson(
    WarmthPrior Prior,
    IReadOnlyList<WarmSowing> Sowings,
    int LeftOut,
    WarmthLearned? Learned,
    WarmthTrial Trial
)
{
    /// <summary>What Gassel goes by in place of the days of the route; null where these stay.</summary>
    public WarmthLearned? Used => Trial.IsBetter ? Learned : null;

    public static WarmthLesson Of(WarmthPrior prior, IReadOnlyList<WarmSowing> sowings, int leftOut)
    {
        var learned = WarmthFit.Fit(sowings, prior);
        return new(prior, sowings, leftOut, learned, WarmthTrial.Of(sowings, prior, learned));
    }

    /// <summary>The first thing to know.</summary>
    public string Words()
    {
        if (Sowings.Count < WarmthTrial.LeastSowings)
            return Text.Of(
                $"Whether warmth foretells it better than the days of its route cannot be told yet: {Sowings.Count} finished "
                    + $"{(Sowings.Count == 1 ? "sowing" : "sowings")} indoors with its temperature measured, "
                    + $"{WarmthTrial.LeastSowings} are needed."
            );
        var (warmth, route) = (Trial.ByWarmth, Trial.ByRoute);
        return Text.Of(
            $"Each of {Trial.Told.Count} sowings was foretold from the others. The day on which half were up was missed by {warmth:0.0} "
                + $"days by warmth, by {route:0.0} by the days of the route. "
                + $"{(Trial.IsBetter ? "Gassel goes by the warmth." : "Gassel stays with the days of the route.")}"
        );
    }

    public IReadOnlyList<string> Working() =>
        [
            Text.Of(
                $"Before own sowings: base {Quantity.Temperature(Prior.Rate.BaseC)}, half up at {Quantity.ThermalTime(Prior.Need.T50)}, "
                    + $"from the days of the route at the middle of its band (our assumption)."
            ),
            .. Learned is { } l
                ?
                [
                    Text.Of(
                        $"{l.Seedlings} seedlings of {l.Sowings} {(l.Sowings == 1 ? "sowing" : "sowings")}: base "
                            + $"{Quantity.Temperature(l.Rate.BaseC)} ({Quantity.Temperatures(l.Base.LowC, l.Base.HighC)}), a tenth up at "
                            + $"{Quantity.ThermalTime(l.Need.T10)}, half at {Quantity.ThermalTime(l.Need.T50)}, nine tenths at "
                            + $"{Quantity.ThermalTime(l.Need.T90)}."
                    ),
                    Text.Of(
                        $"Between sowings half lies apart by {Math.Exp(l.Spread) - 1:P0}. No faster above "
                            + $"{Quantity.Temperature(l.Rate.OptimumC!.Value)}, nothing at {Quantity.Temperature(l.Rate.CeilingC!.Value)} "
                            + $"(starter values)."
                    ),
                ]
                : Array.Empty<string>(),
            Text.Of(
                $"Thermal time of Garcia-Huidobro, Monteith & Squire (1982), log-logistic; each seedling came up between two counts, and "
                    + $"seed that did not come up by the last tells nothing. The days in brackets are meant for nine "
                    + $"sowings of ten; here half came up within them in {Trial.Held} of {Trial.Told.Count}. "
                    + $"A model: it knows neither light nor water."
            ),
            .. LeftOut > 0
                ?
                [
                    Text.Of(
                        $"{LeftOut} {(LeftOut == 1 ? "sowing is" : "sowings are")} left out: the temperature was measured on fewer than "
                            + $"{OwnWarmth.LeastKnown:P0} of the days, or the seed had sprouted before."
                    ),
                ]
                : Array.Empty<string>(),
        ];
}
