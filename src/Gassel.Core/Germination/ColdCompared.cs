namespace Gassel.Core.Germination;

/// <summary>The cold as it was measured beside the days on the calendar: which of them explains the same batches better.</summary>
/// <param name="Batches">That had a thermometer.</param>
/// <param name="Of">All that are over.</param>
/// <param name="Fewer">Days by weight fewer than on the calendar, on the mean.</param>
/// <param name="ByWeight">Log-likelihood of the line through them; so by the calendar.</param>
public sealed record ColdCompared(int Batches, int Of, double Fewer, double ByWeight, double ByCalendar)
{
    /// <summary>Both lines have as many numbers, so the likelihoods are held against each other as they are; less apart is no difference
    /// (Akaike 1974: what one number more would have to gain).</summary>
    private const double Apart = 1;

    /// <summary>Null where too few batches had a thermometer, and where all of them had the same cold.</summary>
    /// <param name="batches">By the calendar, each with its days by weight; null where nobody measured them.</param>
    public static ColdCompared? From(IReadOnlyList<(ColdBatch Batch, double? Weighted)> batches)
    {
        var measured = batches.Where(b => b.Weighted is not null).ToList();
        if (measured.Count < ColdEffectFit.LeastBatches)
            return null;
        double? Log(IEnumerable<ColdBatch> of) => ColdEffectFit.Fit([.. of], [], null, null).LogLikelihood;
        return
            Log(measured.Select(b => b.Batch with { ColdDays = b.Weighted!.Value })) is { } byWeight
            && Log(measured.Select(b => b.Batch)) is { } byCalendar
            ? new(measured.Count, batches.Count, measured.Average(b => b.Batch.ColdDays - b.Weighted!.Value), byWeight, byCalendar)
            : null;
    }

    public string Words() =>
        Text.Of(
            $"{Batches} of {Of} batches had a thermometer: by weight {Math.Abs(Fewer):0} days of cold {(Fewer >= 0 ? "fewer" : "more")} "
                + $"than on the calendar, on the mean. The days by weight explain them "
                + $"{(ByWeight > ByCalendar + Apart ? "better" : ByCalendar > ByWeight + Apart ? "worse" : "as well")} (log-likelihood "
                + $"{ByWeight:0.0}, by the calendar {ByCalendar:0.0}). Plans go by the calendar."
        );
}
