using System.Globalization;
using Gassel.Core;
using Gassel.Core.Batches;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Batches;

/// <summary>An entry as a sentence of the log.</summary>
internal static class EntryWords
{
    public static string Of(EntryPayload payload, BatchPlan plan, IReadOnlyDictionary<string, string> placeNames)
    {
        string Step(int index) => index >= 0 && index < plan.Steps.Count ? plan.Steps[index].Step.Kind.Words() : string.Create(CultureInfo.InvariantCulture, $"step {index}");
        string At(string? place) => place is null ? "" : $", {placeNames.GetValueOrDefault(place, place)}";
        string In(Vessel? vessel) => vessel is null ? "" : $", {vessel.Label}";
        string Of(string part) => part == BatchPlan.FirstPart ? "" : $" (part {part})";
        return payload switch
        {
            StepStarted p => $"Started {Step(p.Step)}{(p.Seeds is { } n ? string.Create(CultureInfo.InvariantCulture, $" with {n} seeds") : "")}{In(p.Vessel)}{At(p.Place)}{Of(p.Part)}.",
            StepEnded p => $"Ended {Step(p.Step)}{Of(p.Part)}.",
            Check p => string.Create(CultureInfo.InvariantCulture, $"Checked: {Words(p.Moisture)}, {Words(p.Mould)}, {(p.Sprouted == 0 ? "no sprouts" : $"{p.Sprouted} sprouted")}{(p.Care is null ? "" : string.Concat(p.Care.Select(c => $"; {Words(c)}")))}{(p.Action is null ? "" : $"; {p.Action}")}{(p.PlaceC is { } c ? $"; the place at {c:0.#} °C" : "")}{Of(p.Part)}."),
            Inspected p => string.Create(CultureInfo.InvariantCulture, $"Looked at the soaked seed: {p.Swollen} swollen{Of(p.Part)}."),
            WaterChanged p => $"Changed the water{Of(p.Part)}.",
            CautionRead => "Read the caution.",
            Labelled p => string.Create(CultureInfo.InvariantCulture, $"Printed {p.Inside + p.Outside} {(p.Inside + p.Outside == 1 ? "label" : "labels")}{Of(p.Part)}."),
            Split p => $"Divided part {p.Part}: {string.Join(", ", p.Children.Select(c => string.Create(CultureInfo.InvariantCulture, $"{c.Part} with {c.Seeds} seeds")))}.",
            Moved p => $"Moved to {placeNames.GetValueOrDefault(p.Place, p.Place)}{Of(p.Part)}.",
            Sown p => $"Sown{In(p.Vessel)}{At(p.Place)}{Of(p.Part)}.",
            Count p => string.Create(CultureInfo.InvariantCulture, $"Counted {p.Emerged} new, {p.Lost} lost{Of(p.Part)}."),
            Replanned p => $"Replanned: {string.Join(", ", p.Steps.Select(s => string.Create(CultureInfo.InvariantCulture, $"{Step(s.Step)} {s.Days} days")))}; aimed at {DayWords.Of(p.Target)}.",
            Note p => p.Text,
            VoidEntry => "Took an entry back.",
            Unread p => $"An entry of kind {p.Kind} from a newer Gassel.",
            _ => throw new InvalidOperationException($"no words for {payload.GetType().Name}"),
        };
    }

    private static string Words(Moisture moisture) => moisture switch { Moisture.Dry => "dry", Moisture.Right => "moist", _ => "dripping" };

    private static string Words(BagCare care) => care switch
    {
        BagCare.Turned => "turned for air",
        BagCare.Wetted => "wetted",
        BagCare.Drained => "drained",
        BagCare.Rinsed => "rinsed",
        BagCare.Peroxide => "weak peroxide by its label",
        BagCare.NewMedium => "put into new medium",
        _ => "mould left, seed firm",
    };

    private static string Words(MouldSeen mould) => mould switch { MouldSeen.None => "no mould", MouldSeen.Some => "some mould", _ => "much mould" };
}
