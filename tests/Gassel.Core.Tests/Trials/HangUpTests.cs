using Gassel.Core.Climate;
using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Trials;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Trials;

/// <summary>Whoever asked hung up: the long reckonings stop at their next round and do not go on for nobody.</summary>
public class HangUpTests
{
    private static readonly CancellationToken HungUp = new(canceled: true);

    [Fact]
    public void A_comparison_stops() =>
        Assert.Throws<OperationCanceledException>(() => Comparison.Of([new("a", 40, 100), new("b", 50, 100)], cancel: HungUp));

    [Fact]
    public void The_size_of_a_trial_stops() => Assert.Throws<OperationCanceledException>(() => TrialSizes.Of(0.5, 0.75, cancel: HungUp));

    [Fact]
    public void The_band_of_a_curve_stops() =>
        Assert.Throws<OperationCanceledException>(() =>
            GerminationResult.From(50, [new(5, 4), new(8, 12), new(11, 8), new(15, 2)], cancel: HungUp)
        );

    [Fact]
    public void The_winters_on_record_stop()
    {
        var daily = Enumerable.Range(0, 800).Select(i => new DailyTemperature(new DateOnly(2024, 1, 1).AddDays(i), -5, 5)).ToList();
        Assert.Throws<OperationCanceledException>(() =>
            new WinterRuns(daily, 46.8, ContainerParameters.Of(ContainerPreset.Jug4), new(CapPosition.Off), new(2024, 10, 1), HungUp)
        );
    }
}
