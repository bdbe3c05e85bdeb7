using Gassel.Core.Climate;

namespace Gassel.Core.Germination;

/// <summary>How forecasts of frost did: of days told with frost, and of those told without.</summary>
/// <param name="Told">With frost.</param>
/// <param name="ToldAndCame">Of those it froze.</param>
/// <param name="Free">Told without.</param>
/// <param name="CameUntold">Of those it froze all the same.</param>
public sealed record FrostScore(int Told, int ToldAndCame, int Free, int CameUntold)
{
    private const double Confidence = 0.95;

    public static FrostScore Of(IReadOnlyCollection<FrostTold> days) =>
        new(
            days.Count(d => d.Told),
            days.Count(d => d is { Told: true, Came: true }),
            days.Count(d => !d.Told),
            days.Count(d => d is { Told: false, Came: true })
        );

    /// <param name="inside">In a container; else in the open.</param>
    public string Words(bool inside)
    {
        var where = inside ? "Inside containers" : "In the yard";
        var told = Text.Of(
            $"{where} frost was told for {Days(Told)}, and {(ToldAndCame == Told ? "it froze" : $"on {ToldAndCame} it froze")}."
        );
        var free = Text.Of(
            $"{(Told == 0 ? $"{where} no frost" : "None")} was told for {Days(Free)}, and "
                + $"{(CameUntold == 0 ? "none came" : $"on {CameUntold} it froze all the same")}."
        );
        return string.Join(' ', new[] { Told == 0 ? null : told, Free == 0 ? null : free }.OfType<string>());
    }

    /// <summary>With what is known of the share that is missed.</summary>
    public IReadOnlyList<string> Working =>
        [.. Share("it froze", ToldAndCame, Told, "told with frost"), .. Share("it froze all the same", CameUntold, Free, "told without")];

    private static IEnumerable<string> Share(string what, int of, int days, string told)
    {
        if (days == 0)
            yield break;
        var share = Proportion.Wilson(of, days, Confidence);
        yield return Text.Of(
            $"Of {Days(days)} {told} {what} on {of}: {(double)of / days:P0}, {share.Low:P0} to {share.High:P0} (Wilson, {Confidence:P0})."
        );
    }

    private static string Days(int count) => count == 1 ? "1 day" : Text.Of($"{count} days");
}
