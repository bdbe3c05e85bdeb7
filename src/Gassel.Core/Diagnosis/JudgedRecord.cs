using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Core.Diagnosis;

/// <summary>The record of one sowing given whole, so that it can be judged without a book.</summary>
/// <param name="Species">Its routes are not looked at.</param>
/// <param name="Steps">All that its route asked before sowing, in order.</param>
/// <param name="Looks">In any order.</param>
/// <param name="Medium">Temperatures of the mix where it was sown, °C; empty where nobody measured.</param>
/// <param name="Lot">Null where nothing is known of the seed.</param>
/// <param name="On">Day of judgement.</param>
public sealed record JudgedRecord(
    Species Species,
    IReadOnlyList<JudgedStep> Steps,
    JudgedSowing Sowing,
    IReadOnlyList<JudgedLook> Looks,
    IReadOnlyList<DailyTemperature> Medium,
    SeedLot? Lot,
    DateOnly On
)
{
    private const string SownAt = "sown";

    /// <summary>Puts it through the same fold as a book's.</summary>
    /// <param name="conflicts">What cannot be true beside the rest; empty where all can.</param>
    /// <returns>Null where it holds no sown seed.</returns>
    public GerminationGround? Ground(out IReadOnlyList<Conflict> conflicts)
    {
        var plan = Plan();
        var state = BatchFold.Run(plan, Entries());
        conflicts = [.. state.InConflict.Select(l => l.Conflict!)];
        if (state.Parts is not [{ SownOn: not null, Seeds: > 0 } part])
            return null;
        return GerminationGround.Of(
            Species,
            plan,
            part,
            Lot,
            ViabilitySchool.Share,
            Places(),
            new JudgedTemperatures(
                Steps
                    .Select((s, i) => (Place: At(i), s.Temperatures))
                    .Append((Place: SownAt, Medium))
                    .ToDictionary(t => t.Place, t => t.Item2)
            ),
            On
        );
    }

    private static string At(int step) => Text.Of($"step-{step}");

    private BatchPlan Plan()
    {
        var asked = Steps
            .Select(s => new RouteStep(s.Kind, s.Asked, Optional: s.Optional))
            .Append(new RouteStep(StepKind.Germinate, Sowing.DaysToEmergence))
            .ToList();
        var from = Steps.FirstOrDefault(s => s.From is not null)?.From ?? Sowing.On;
        var planned = asked.Select(s => new PlannedStep(s, s.Days.Usual, from, from, false)).ToList();
        return new(
            new Route("judged", 1, "as given", asked),
            planned,
            1,
            Sowing.Seeds,
            new(AnchorEvent.Start, from),
            from,
            from,
            Sowing.Expected is { } share ? new(share, share, share, "as given") : null
        );
    }

    private Dictionary<string, Place> Places() =>
        Steps
            .Select((s, i) => new Place(At(i), At(i), s.Kind == StepKind.ColdMoist ? PlaceKind.ColdShelf : PlaceKind.WarmShelf, s.AssumedC))
            .Append(new(SownAt, SownAt, Sowing.Place, Sowing.AssumedC))
            .ToDictionary(p => p.Id);

    private IEnumerable<Entry> Entries()
    {
        const string part = BatchPlan.FirstPart;
        var number = 0;
        int? seeds = Sowing.Seeds;
        for (var i = 0; i < Steps.Count; i++)
        {
            if (Steps[i].From is not { } from)
                continue;
            yield return Entry(from, new StepStarted(part, i, seeds, At(i)));
            seeds = null;
            if (Steps[i].Swollen is { } swollen)
                yield return Entry(Steps[i].To ?? from, new Inspected(part, swollen));
            if (Steps[i].To is { } to)
                yield return Entry(to, new StepEnded(part, i));
        }
        yield return Entry(Sowing.On, new Sown(part, SownAt, null, Sowing.DepthMm, seeds, Cover: Sowing.Cover));
        foreach (var look in Looks)
        {
            if (look.Moisture is { } moisture)
                yield return Entry(look.On, new Check(part, moisture, look.Mould, 0));
            if (look.Surface is { } surface)
                yield return Entry(look.On, new WaterLooked(part, surface));
            if (look.Emerged is not null || look.Lost > 0)
                yield return Entry(look.On, new Count(part, look.Emerged ?? 0, look.Lost, look.Cause));
            if (look.Seen is { } wrong)
                yield return Entry(look.On, new SymptomSeen(part, wrong));
        }
        if (Sowing.Cut is { Seeds: > 0 } cut)
            yield return Entry(On, new CutTested(part, cut.Full, cut.Empty, cut.Rotten));

        Entry Entry(DateOnly day, EntryPayload payload)
        {
            number++;
            Guid id = new(number, 0, 0, new byte[8]);
            return new(id, number, id, day, null, DateTimeOffset.UnixEpoch, "", EntrySource.Hand, payload);
        }
    }
}
