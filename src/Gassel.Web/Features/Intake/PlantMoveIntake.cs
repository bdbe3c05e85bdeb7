using System.Globalization;
using Gassel.Core;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Data;

namespace Gassel.Web.Features.Intake;

/// <summary>Plants that came a stage further, a row a move, as they are written. A row that cannot be true is refused.</summary>
internal sealed class PlantMoveIntake()
    : IntakeTable(
        "plant-moves",
        "plants that came a stage further",
        [
            new("batch", true, "number, as B-12"),
            new("part", false, "1 where empty"),
            new("date", true, "day it was done"),
            new("from", true, "stage they came from: seedling, prickedOut, potted, hardened"),
            new("to", true, "stage they came to"),
            new("plants", true, "how many"),
        ]
    )
{
    public override async Task<IReadOnlyList<IntakeVerdict>> Take(IReadOnlyList<IntakeRow> rows, GasselDb db, IntakeBooks books)
    {
        var byNumber = (await books.Shelf.All()).ToDictionary(b => b.Row.Number);
        var (now, act) = (books.Clock.GetUtcNow(), Guid.CreateVersion7(books.Clock.GetUtcNow()));
        // what the rows before it made of a batch
        var trials = new Dictionary<int, FoldTrial>();
        var verdicts = new List<IntakeVerdict>();
        foreach (var row in rows)
        {
            var move = new MovedOn(
                row.Optional("part") ?? "1",
                row.Name<PlantStage>("from") ?? Missing(row, "from"),
                row.Name<PlantStage>("to") ?? Missing(row, "to"),
                row.Needed("plants").Length > 0 ? row.Whole("plants") ?? 0 : 0
            );
            var (day, number) = (row.Day("date"), NumberOf(row));
            if (row.Wrong is null && move.Plants < 1)
                row.Refuse("plants", Text.Of($"plants was {move.Plants}; valid is a whole number from 1."));
            if (row.Wrong is null && !byNumber.ContainsKey(number))
                row.Refuse("batch", Text.Of($"There is no batch B-{number} in this book."));
            verdicts.Add(row.Wrong ?? Judge(byNumber[number], move, day));
        }
        await db.SaveChangesAsync(CancellationToken.None);
        return verdicts;

        IntakeVerdict Judge(ShelvedBatch batch, MovedOn move, DateOnly day)
        {
            if (!trials.TryGetValue(batch.Row.Number, out var trial))
                trials[batch.Row.Number] = trial = new(batch.Plan, batch.Entries);
            if (batch.Entries.Any(e => e.DoneOn == day && e.Payload is MovedOn m && Told(m) == Told(move)))
                return IntakeVerdict.Same(Text.Of($"B-{batch.Row.Number} has this move."));
            var entry = new Entry(Guid.CreateVersion7(now), trial.LastSequence + 1, act, day, null, now, books.Who, EntrySource.File, move);
            if (trial.Try([entry])[0] is { } conflict)
                return IntakeVerdict.Refused("plants", conflict.Words);
            db.Entries.Add(EntryCodec.ToRow(entry with { Sequence = 0 }, batch.Row.Id, now));
            return IntakeVerdict.Fresh(Text.Of($"B-{batch.Row.Number}: {move.Plants} {move.To.Words()}"));
        }
    }

    private static (string, PlantStage, PlantStage, int) Told(MovedOn move) => (move.Part, move.From, move.To, move.Plants);

    private static PlantStage Missing(IntakeRow row, string column)
    {
        row.Refuse(column, $"{column} is empty.");
        return default;
    }

    private static int NumberOf(IntakeRow row)
    {
        var text = row.Needed("batch");
        var digits = text.StartsWith("B-", StringComparison.OrdinalIgnoreCase) ? text[2..] : text;
        if (int.TryParse(digits, NumberStyles.None, CultureInfo.InvariantCulture, out var number))
            return number;
        row.Refuse("batch", $"batch was '{text}'; valid is a number such as B-12.");
        return 0;
    }
}
