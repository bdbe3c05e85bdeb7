using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class ScheduleCalculator
{
    public static IResult Answer(ScheduleRequest request)
    {
        if (Check(request) is { } refusal)
            return refusal.ToResult();
        return TypedResults.Ok(
            Scheduler.Plan(
                new(request.Anchor.Event, request.Anchor.Date),
                request.Today,
                [
                    .. request.Steps.Select(s => new ScheduleStep(
                        s.Kind,
                        new(s.Days.Shortest, s.Days.Usual, s.Days.Longest),
                        s.Optional ?? false,
                        s.Note
                    )),
                ]
            )
        );
    }

    private static Refusal? Check(ScheduleRequest request)
    {
        var refusal = Limits.Day("anchor.date", request.Anchor.Date)
            ?? Limits.Day("today", request.Today)
            ?? Limits.Count("steps", request.Steps.Count, 1, 50);
        for (var i = 0; refusal is null && i < request.Steps.Count; i++)
        {
            var (at, days) = ($"steps[{i}].days", request.Steps[i].Days);
            refusal = Limits.Whole($"{at}.shortest", days.Shortest, 0, DurationRange.MaxDays)
                ?? Limits.Whole($"{at}.usual", days.Usual, days.Shortest, DurationRange.MaxDays)
                ?? Limits.Whole($"{at}.longest", days.Longest, days.Usual, DurationRange.MaxDays)
                ?? Limits.Text($"steps[{i}].note", request.Steps[i].Note, 1000, required: false);
        }
        if (refusal is null && request.Anchor.Event == AnchorEvent.Sow)
        {
            var sowings = request.Steps.Count(s => s.Kind == StepKind.Germinate);
            if (sowings != 1)
                refusal = new("steps", $"steps hold {sowings} germinate steps; a sow anchor needs exactly one.");
        }
        return refusal;
    }
}
