using Gassel.Core.Messages;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Weather;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Messages;

/// <summary>The jobs of the day by place, what is overdue first, with the weather ahead.</summary>
internal sealed class MorningList(RoundsBook rounds, YardWeather weather, SiteClock clock)
{
    public async Task<(string Subject, string Text)> Of(IReadOnlyList<Alarm> alarms, CancellationToken cancel)
    {
        var today = clock.Today;
        var view = await rounds.On(today, cancel);
        var places = view
            .Places.Select(p =>
                (
                    p.Place.Name,
                    Own: p.JobWords(today),
                    Due: p.Parts.SelectMany(s => s.Due.Where(d => d.Due.DueOn <= today).Select(d => (s.Number, d.Due.DueOn))).ToList()
                )
            )
            .Where(p => p.Due.Count + p.Own.Count > 0)
            .OrderByDescending(p => p.Due.Count(d => d.DueOn < today))
            .ToList();
        var late = places.Sum(p => p.Due.Count(d => d.DueOn < today));
        var lines = places.Select(p =>
        {
            var overdue = p.Due.Count(d => d.DueOn < today);
            return Core.Text.Of(
                $"{p.Name}: {Jobs(p.Due.Count + p.Own.Count)}{(overdue > 0 ? Core.Text.Of($", {overdue} overdue") : "")} "
                    + $"({string.Join(", ", p.Due.OrderBy(d => d.DueOn).Select(d => $"B-{d.Number}").Concat(p.Own).Distinct())})"
            );
        });
        var forecast = (await weather.Forecast(cancel)).Words;
        var text = string.Join('\n', [.. lines, .. alarms.Select(a => a.Title), forecast]);
        return (Core.Text.Of($"{Jobs(view.DueCount)} today{(late > 0 ? Core.Text.Of($", {late} overdue") : "")}"), clock.Speaker.Say(text));
    }

    private static string Jobs(int count) => count == 1 ? "1 job" : Core.Text.Of($"{count} jobs");
}
