using Gassel.Core.Climate;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class EmergenceCalculator
{
    public static IResult Answer(EmergenceRequest request)
    {
        var (rate, need, refusal) = Thermal(request.BaseC, request.OptimumC, request.CeilingC, request.ThermalTime, request.Packet, "");
        refusal ??= Limits.Day("from", request.From)
            ?? (
                request switch
                {
                    { Daily: null, Readings: null } => new Refusal("daily", "Neither daily nor readings is there; valid is one of them."),
                    { Daily: not null, Readings: not null } => new("readings", "Both daily and readings are there; valid is one of them."),
                    { Daily: { } daily } => DailyCheck.Days(daily, d => (d.Date, d.MinC, d.MaxC)),
                    _ => DailyCheck.Readings(request.Readings!, least: 2),
                }
            );
        if (refusal is not null)
            return refusal.ToResult();
        var days = request.Daily is { } given
            ? [.. given.Select(d => EmergenceForecast.Day(d.Date, d.MinC, d.MaxC, rate))]
            : EmergenceForecast.Days(
                [.. request.Readings!.Select(r => new TemperatureReading(r.At.ToUnixTimeMilliseconds(), r.TempC))],
                rate,
                DayBounds.Of(request.Readings![0].At.Offset)
            );
        var gaps = request.Daily is { } some
            ? EmergenceGap.Of([.. some.Select(d => d.Date)], request.From)
            : EmergenceGap.Of([.. request.Readings!.Select(r => r.At)]);
        return TypedResults.Ok(EmergenceForecast.Of(days, request.From, rate, need, gaps));
    }

    /// <param name="at">Path before the fields.</param>
    public static (ThermalRate Rate, ThermalTime Need, Refusal? Refusal) Thermal(
        double baseC,
        double? optimumC,
        double? ceilingC,
        ThermalTimeInput? time,
        PacketInput? packet,
        string at
    )
    {
        var refusal = Limits.Number($"{at}baseC", baseC, -20, 40)
            ?? (optimumC is { } optimum ? Limits.Open($"{at}optimumC", optimum, baseC, 60, includeMax: true) : null)
            ?? (ceilingC is { } ceiling ? Limits.Open($"{at}ceilingC", ceiling, optimumC ?? baseC, 70, includeMax: true) : null)
            ?? (
                (time, packet) switch
                {
                    (null, null) => new Refusal($"{at}thermalTime", "Neither thermalTime nor packet is there; valid is one of them."),
                    (not null, not null) => new($"{at}packet", "Both thermalTime and packet are there; valid is one of them."),
                    ({ } t, _) => Limits.Open($"{at}thermalTime.t10", t.T10, 0, 100_000)
                        ?? Limits.Number($"{at}thermalTime.t50", t.T50, t.T10, 100_000)
                        ?? Limits.Number($"{at}thermalTime.t90", t.T90, t.T50, 100_000),
                    (_, { } p) => Limits.Open($"{at}packet.shortestDays", p.ShortestDays, 0, 1000, includeMax: true)
                        ?? Limits.Number($"{at}packet.longestDays", p.LongestDays, p.ShortestDays, 1000)
                        ?? Limits.Open($"{at}packet.atC", p.AtC, baseC, ceilingC ?? 60),
                }
            );
        if (refusal is not null)
            return (default, default, refusal);
        return (
            new(baseC, optimumC, ceilingC),
            time is { } tt
                ? new(tt.T10, tt.T50, tt.T90)
                : ThermalTime.OfPacket(packet!.ShortestDays, packet.LongestDays, packet.AtC, new(baseC, optimumC, ceilingC)),
            null
        );
    }
}
