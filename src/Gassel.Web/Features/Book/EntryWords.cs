using Gassel.Core;
using Gassel.Core.Record;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Book;

/// <summary>An entry as a sentence of the log.</summary>
internal static class EntryWords
{
    public static string Of(EntryPayload payload, BatchPlan plan, IReadOnlyDictionary<string, string> placeNames)
    {
        string Step(int index) => index >= 0 && index < plan.Steps.Count ? plan.Steps[index].Step.Kind.Words() : Text.Of($"step {index}");
        string At(string? place) => place is null ? "" : $", {placeNames.GetValueOrDefault(place, place)}";
        string In(Vessel? vessel) => vessel is null ? "" : $", {vessel.Label}";
        string Of(string part) => part == BatchPlan.FirstPart ? "" : $" (part {part})";
        return payload switch
        {
            StepStarted p => $"Started "
                + $"{Step(p.Step)}"
                + $"{Way(p.Way)}{(p.Seeds is { } n ? Text.Of($" with {n} seeds") : "")}{In(p.Vessel)}{At(p.Place)}{Of(p.Part)}.",
            StepEnded p => $"Ended {Step(p.Step)}{Of(p.Part)}.",
            Check p => Text.Of(
                $"Checked: {p.Moisture.Words()}, {p.Mould.Words()}, "
                    + $"{(p.Sprouted == 0 ? "no sprouts"
                        : $"{p.Sprouted} sprouted")}"
                    + $"{(p.Care is null ? "" : string.Concat(p.Care
                        .Select(c => $"; {c.Words()}")))}"
                    + $"{(p.Action is null ? "" : $"; {p.Action}")}{(p.PlaceC is { } c ? $"; the place at {Quantity.Temperature(c)}" : "")}"
                    + $"{Of(p.Part)}."
            ),
            Inspected p => Text.Of($"Looked at the soaked seed: {p.Swollen} swollen{Of(p.Part)}."),
            WaterChanged p => $"Changed the water{Of(p.Part)}.",
            CautionRead => "Read the caution.",
            Labelled p => Text.Of($"Printed {p.Inside + p.Outside} {(p.Inside + p.Outside == 1 ? "label" : "labels")}{Of(p.Part)}."),
            Split p => $"Divided part {p.Part}: {string.Join(", ", p.Children.Select(c => Text.Of($"{c.Part} with {c.Seeds} seeds")))}.",
            WaterLooked p => $"Looked at the water: {p.Seen.Words()}, {p.Given.Words()}{Of(p.Part)}.",
            ColdAgain p => Text.Of($"Back into the cold for {p.Days} days{In(p.Vessel)}{At(p.Place)}{Of(p.Part)}."),
            ColdAgainEnded p => $"Out of the second cold{At(p.Place)}{Of(p.Part)}.",
            Moved { Some: { } some } p =>
                $"Moved to {placeNames.GetValueOrDefault(p.Place, p.Place)}{Of(p.Part)}: {MovedWords(some)}, now part {some.Part}.",
            Moved p => $"Moved to {placeNames.GetValueOrDefault(p.Place, p.Place)}{Of(p.Part)}.",
            Sown p => $"Sown{(p.Seeds is { } n ? Text.Of($" {n} seeds") : "")}{How(p)}{In(p.Vessel)}{At(p.Place)}{Of(p.Part)}.",
            Count p => Text.Of(
                $"Counted {p.Emerged} new, {p.Lost} "
                    + $"lost{(p.Lost > 0 && p.Cause != LossCause.Unknown ? $" ({p.Cause.Words()})"
                        : "")}"
                    + $"{(p.Rooted > 0 ? $", {p.Rooted} rooted" : "")}"
                    + $"{(p.Spots is { Count: > 0 } s ? s[0].Cell is null ? ", by rows" : ", by cells" : "")}{Of(p.Part)}."
            ),
            Estimated p => Text.Of($"Took the number sown as {p.Seeds}, give or take {p.Percent:0.#} %{Of(p.Part)}."),
            CutTested p => Text.Of(
                $"Cut {p.Seeds} {(p.Seeds == 1 ? "seed" : "seeds")}: {p.Full} full, {p.Empty} empty, {p.Rotten} rotten{Of(p.Part)}."
            ),
            DomeOff p => $"Took the dome off{Of(p.Part)}.",
            SowingKept p => $"Finished for this spring; kept to the next{Of(p.Part)}.",
            SowingClosed p => $"Stopped waiting for its seed{Of(p.Part)}.",
            Prepared p => $"Made ready: {Container(p)}{Of(p.Part)}.",
            Tended p =>
                $"{(Tendings.IsOfContainer(p.What) && !Tendings.IsOfAllOutdoors(p.What) ? $"In the yard: {p.What.Words()}"
                    : Text.Capital(p.What.Words()))}"
                    + $"{Of(p.Part)}.",
            TrueLeaves p => $"First true leaves seen{Of(p.Part)}.",
            Measured p => $"Measured {Quantity.Length(p.HeightMm)} tall{Of(p.Part)}.",
            SymptomSeen { Course: SymptomCourse.Seen } p => $"Saw {p.What.Words()}{Of(p.Part)}.",
            SymptomSeen p => $"Looked again at {p.What.Words()}: {p.Course.Words()}{Of(p.Part)}.",
            WinterChosen p => $"Through the winter {p.Way.Words()}, until {Quantity.Day(p.Until)}{Of(p.Part)}.",
            WinterEnded p => $"Winter over{Of(p.Part)}.",
            CarriedOut p => Text.Of(
                $"Out to harden off{(p.Hours switch { null => "", >= 24 => ", day and night", var h => $" for {h} h" })}{Of(p.Part)}."
            ),
            MovedOn p => Text.Of(
                $"{(p.Divided ? "Divided, " + p.To.Words() : p.IsRepotting() ? "Repotted" : Text.Capital(p.To.Words()))} {p.Plants} "
                    + $"{(p.Plants == 1
                        ? "plant" : "plants")}"
                    + $"{(p.Into is null ? "" : $", {p.Into}")}"
                    + $"{(p.PotCm is { } pot ? $", pots of {Quantity.Length(10 * pot)}"
                        : "")}"
                    + $"{MixWords(p.Mix)}"
                    + $"{(p.SpacingCm is { } apart ? $", {Quantity.Length(10 * apart)} apart" : "")}"
                    + $"{Of(p.Part)}."
            ),
            PlantsLost p => Text.Of(
                $"Lost {p.Plants} {p.Stage.Words()}{(p.Cause == LossCause.Unknown ? "" : $" ({p.Cause.Words()})")}{Of(p.Part)}."
            ),
            DiedBack p => Text.Of($"{p.Plants} {p.Stage.Words()} died back: dormant, alive{Of(p.Part)}."),
            CameAgain p => Text.Of($"{p.Plants} {p.Stage.Words()} came up again{Of(p.Part)}."),
            InsideMeasured p => $"A thermometer lay {p.Spot.Words()}{Of(p.Part)}. {InsideDays.Words(p.Days)}",
            StepLeftOut p => $"Left out {Step(p.Step)}.",
            Discarded p => $"Plan discarded{(p.Why is null ? "" : $": {p.Why}")}.",
            ResultJudged p =>
                $"{(p.Teaches ? "Result used for planning" : "Result left out of planning")}{(p.Why is null ? "" : $": {p.Why}")}.",
            Closed p => $"Closed the books{(p.Words is null ? "" : $": {p.Words}")}.",
            Replanned p => $"Replanned: {string.Join(", ", p.Steps.Select(s => Text.Of($"{Step(s.Step)} {s.Days} days")))}; aimed "
                + $"at {Quantity.Day(p.Target)}.",
            Note p => p.Text,
            PhotoTaken p => $"Took a photo{(p.Words is null ? "" : $": {p.Words}")}{(p.Part is null ? "" : Of(p.Part))}.",
            VoidEntry => "Undid an entry.",
            Unread p => $"An entry of kind {p.Kind} from a newer Gassel.",
            _ => throw new InvalidOperationException($"no words for {payload.GetType().Name}"),
        };
    }

    private static string Container(Prepared p)
    {
        var steps = ContainerAdvice.Steps(p.Setup);
        var missing = steps.Where(s => !p.Done.Contains(s)).ToList();
        var kind = p.Setup.Kind is { } preset ? preset.Words() : Text.Of($"a vessel of {Quantity.Volume(p.Setup.Own?.Litres ?? 0)}");
        return missing.Count == 0 ? kind : $"{kind}; not yet: {string.Join("; ", missing.Select(s => s.Words()))}";
    }

    private static string How(Sown sown)
    {
        return string.Concat(
            new[]
            {
                sown.EstimatePercent is { } percent ? Text.Of($", give or take {percent:0.#} %") : "",
                sown.Cover is { } cover ? $", {cover.Words()}" : "",
                sown.Mix is { } mix ? $", in {mix.Words()}" : "",
                sown.Water is { } water ? $", {water.Words()}" : "",
                sown.Filling == Filling.DryWicked ? $", {Filling.DryWicked.Words()}" : "",
                sown.DepthMm is { } depth && sown.Cover != SowCover.Surface ? Text.Of($", {Quantity.Length(depth)} deep") : "",
                sown.SeedsPerCell is { } perCell ? Text.Of($", {perCell} to a cell") : "",
                sown.Cells is { } cells ? Text.Of($", in {cells.Count} cells") : "",
                sown.Dome ? ", dome on" : "",
            }
        );
    }

    private static string Way(ScarifyWay? way) =>
        way switch
        {
            ScarifyWay.Abraded => ", abraded",
            ScarifyWay.Nicked => ", nicked",
            ScarifyWay.HotWater => ", in hot water",
            _ => "",
        };

    private static string MixWords(IReadOnlyList<MixShare>? mix) =>
        mix is null or [] ? "" : $", in {string.Join(", ", mix.Select(m => Text.Of($"{m.Parts:0.#} {m.Part.Words()}")))}";

    private static string MovedWords(MovedSome some) =>
        string.Join(
            " and ",
            new[]
            {
                some.Plants > 0
                    ? Text.Of($"{some.Plants} {(some.Stage == PlantStage.Seedling ? "" : some.Stage.Words() + " ")}plants")
                    : "",
                some.Seeds > 0 ? Text.Of($"{some.Seeds} seeds not yet up") : "",
            }.Where(words => words.Length > 0)
        ) + (some.Cells is { Count: > 0 } cells ? $" from {(cells.Count == 1 ? "cell" : "cells")} {string.Join(", ", cells)}" : "");
}
