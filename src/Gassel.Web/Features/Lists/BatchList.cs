using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Lists;

/// <summary>All batches of the book, chosen and in order, told page by page.</summary>
internal sealed class BatchList(
    Library library,
    OutdoorBatches shelf,
    TemperatureWatch watch,
    PlantOutlook plants,
    SetAside aside,
    SiteClock clock
)
{
    public async Task<BatchPage> Page(BatchQuestion asked, CancellationToken cancel)
    {
        var today = clock.Today;
        var hurting = (await watch.Now()).Where(p => p.Value.Troubles.Any(t => t.HurtsSeed)).Select(p => p.Key).ToHashSet();
        var all = await Judged(hurting, today, cancel);
        var found = InOrder(all.Where(Fits(asked)), asked.Order).ToList();
        return new(
            today,
            all.Count,
            found.Count,
            asked.Order,
            asked.From,
            [
                .. found
                    .Skip(asked.From)
                    .Take(asked.Take)
                    .Select(j => new BatchLine(
                        BatchViews.Summary(j.Batch, j.Species, hurting, today),
                        j.Phase,
                        j.Places,
                        j.DueOn,
                        j.LateDays,
                        j.Troubles
                    )),
            ],
            asked.From == 0 ? [.. found.Select(j => j.Batch.Row.Number)] : [],
            Choices(all, await library.Places())
        );
    }

    private async Task<List<BatchJudged>> Judged(HashSet<string> hurting, DateOnly today, CancellationToken cancel)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var (practices, south) = (plants.Practices(), clock.Site?.Latitude < 0);
        return
        [
            .. aside.Each(await shelf.All(cancel), b =>
                Of(b, species[b.Row.SpeciesId], practices[species[b.Row.SpeciesId].Hardiness], hurting, today, south)
            ),
        ];
    }

    private static BatchJudged Of(
        ShelvedBatch batch,
        Core.Treatments.Species species,
        DuePractice practice,
        HashSet<string> hurting,
        DateOnly today,
        bool south
    )
    {
        var (plan, state) = (batch.Plan, batch.State);
        var phase = BatchPhases.Of(plan, state);
        IReadOnlyList<DueItem> due = phase == BatchPhase.Closed ? [] : DueWork.For(plan, state, species, today, practice);
        var start = state.Parts.SelectMany(p => p.Spans).Select(s => s.Start).DefaultIfEmpty(plan.Start).Min();
        var standing = state.Living.Where(p => p.Place is not null && !p.IsDone(plan)).ToList();
        return new(
            batch,
            species,
            phase,
            Winters.Of(start, south),
            [.. standing.OrderByDescending(p => p.Seeds).Select(p => p.Place!).Distinct()],
            due,
            [
                .. new[]
                {
                    (BatchTrouble.Symptom, state.Living.Any(p => p.Symptoms.Any(t => t.IsOpen))),
                    (BatchTrouble.Place, state.Living.Any(p => p is { Open: not null, Place: { } at } && hurting.Contains(at))),
                    (BatchTrouble.Entries, state.Conflicts.Any()),
                    (BatchTrouble.Late, due.Any(d => d.LateDays > 0)),
                }
                    .Where(t => t.Item2)
                    .Select(t => t.Item1),
            ]
        );
    }

    private static Func<BatchJudged, bool> Fits(BatchQuestion asked)
    {
        var words = BatchJudged.Words(asked.Text ?? "");
        return j =>
            (asked.State is not { } state || j.Phase == state)
            && (asked.Species is not { } species || j.Species.Id == species)
            && (asked.Place is not { } place || j.Places.Contains(place))
            && (asked.Season is not { } season || j.Winter == season)
            && (asked.Trouble is not { } trouble || j.Troubles.Contains(trouble))
            && (words.Count == 0 || j.Says(words));
    }

    private static IEnumerable<BatchJudged> InOrder(IEnumerable<BatchJudged> found, BatchOrder order) =>
        (
            order switch
            {
                BatchOrder.Due => found.OrderBy(j => j.DueOn ?? DateOnly.MaxValue),
                BatchOrder.Name => found.OrderBy(j => j.Species.CommonName, StringComparer.InvariantCultureIgnoreCase),
                BatchOrder.Plants => found.OrderByDescending(j => j.Batch.State.Plants.Alive),
                _ => found.OrderBy(_ => 0),
            }
        ).ThenByDescending(j => j.Batch.Row.Number);

    private static BatchChoices Choices(List<BatchJudged> all, IReadOnlyList<Core.Record.Place> places)
    {
        var names = BatchNames.OfPlaces(places);
        return new(
            [.. all.GroupBy(j => j.Phase).OrderBy(g => g.Key).Select(g => new BatchChoice(Camel(g.Key), "", g.Count()))],
            [
                .. all.GroupBy(j => j.Species)
                    .OrderBy(g => g.Key.CommonName, StringComparer.InvariantCultureIgnoreCase)
                    .Select(g => new BatchChoice(g.Key.Id, g.Key.CommonName, g.Count())),
            ],
            [
                .. places
                    .Select(p => new BatchChoice(p.Id, names.GetValueOrDefault(p.Id, p.Name), all.Count(j => j.Places.Contains(p.Id))))
                    .Where(c => c.Batches > 0),
            ],
            [
                .. all.GroupBy(j => j.Winter)
                    .OrderByDescending(g => g.Key)
                    .Select(g => new BatchChoice(g.Key.ToString(CultureInfo.InvariantCulture), "", g.Count())),
            ],
            [
                .. Enum.GetValues<BatchTrouble>()
                    .Select(t => new BatchChoice(Camel(t), "", all.Count(j => j.Troubles.Contains(t))))
                    .Where(c => c.Batches > 0),
            ]
        );
    }

    private static string Camel<T>(T value)
        where T : struct, Enum => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(value.ToString());
}
