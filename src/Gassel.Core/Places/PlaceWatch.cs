using Gassel.Core.Climate;
using Gassel.Core.Record;

namespace Gassel.Core.Places;

/// <summary>Finds warm, frozen, hot and silent times in the readings of a place.</summary>
public static class PlaceWatch
{
    /// <summary>
    /// Above this cold counts less and less, °C (our assumption: two degrees past the end of the usual response's full range).
    /// </summary>
    public const double ColdTooWarmC = 8;

    /// <summary>Below this moist seed is frozen through, °C; it gains nothing and loses nothing (common practice, no source).</summary>
    public const double FrozenBelowC = -1;

    /// <summary>Warned of for every native here, °C (common practice, no source).</summary>
    public const double HotC = 30;

    /// <summary>A door open while bags are looked at is no trouble, hours (our assumption).</summary>
    public const double HoursToTell = 2;

    /// <summary>Back within its limits for so long a place is well again, hours (our assumption).</summary>
    public const double HoursToBeOver = 1;

    /// <summary>A probe that says nothing for longer is silent, hours (our assumption).</summary>
    public const double SilentAfterHours = 3;

    /// <summary>Jumps are told of for a day.</summary>
    private const double JumpsToldHours = 24;

    /// <summary>Troubles in order of their beginning, those that last at the end.</summary>
    /// <param name="readings">In order of time, jumps included.</param>
    /// <param name="watchedSince">From when on a probe should be heard from; null where none is attached, for a file that ended is no
    /// silence.</param>
    public static IReadOnlyList<PlaceTrouble> Of(
        Place place,
        IEnumerable<TemperatureReading> readings,
        DateTimeOffset? watchedSince,
        DateTimeOffset now
    )
    {
        var found = new List<PlaceTrouble>();
        Run? run = null;
        TemperatureReading? last = null,
            lastJump = null;
        foreach (var (reading, isJump) in ReadingJumps.Judge(readings))
        {
            if (isJump)
            {
                lastJump = reading;
                continue;
            }
            if (last is { } before && Hours(before, reading) > SilentAfterHours)
            {
                if (run is not null)
                    Close(run.LastAt);
                if (reading.At > watchedSince)
                    found.Add(Silence(place, before.At, reading.At));
            }
            var kind = KindOf(place.Kind, reading.TempC);
            // a compressor's swing over the limit and back is one trouble
            if (run is not null && (kind is { } other ? other != run.Kind : (reading.At - run.LastAt).TotalHours >= HoursToBeOver))
                Close(run.LastAt);
            if (kind is { } trouble)
            {
                run ??= new(trouble, reading.At, reading.TempC);
                run.Add(reading);
            }
            last = reading;
        }
        if (run is not null && last is { } heard && (now - heard.At).TotalHours > SilentAfterHours)
            Close(run.LastAt);
        if (run is not null && (run.LastAt - run.From).TotalHours >= HoursFor(run.Kind))
            found.Add(run.Tell(place, null));
        if (watchedSince is { } since)
        {
            // one that has said nothing yet is silent since it was attached
            var heardLast = last is { } said && said.At > since ? said.At : since;
            if ((now - heardLast).TotalHours > SilentAfterHours)
                found.Add(Silence(place, heardLast, null));
        }
        if (lastJump is { } jump && (now - jump.At).TotalHours <= JumpsToldHours)
            found.Add(Jump(place, jump));
        return [.. found.OrderBy(t => t.IsPresent).ThenBy(t => t.From)];

        void Close(DateTimeOffset at)
        {
            if (run is not null && (at - run.From).TotalHours >= HoursFor(run.Kind))
                found.Add(run.Tell(place, at));
            run = null;
        }
    }

    private static double Hours(TemperatureReading from, TemperatureReading to) => (to.UnixMs - from.UnixMs) / 3_600_000.0;

    /// <summary>Heat is told at once.</summary>
    private static double HoursFor(PlaceTroubleKind kind) => kind == PlaceTroubleKind.TooHot ? 0 : HoursToTell;

    private static PlaceTroubleKind? KindOf(PlaceKind place, double tempC) =>
        place switch
        {
            PlaceKind.Yard or PlaceKind.Bed => null,
            PlaceKind.ColdShelf when tempC > ColdTooWarmC => PlaceTroubleKind.TooWarm,
            PlaceKind.ColdShelf when tempC < FrozenBelowC => PlaceTroubleKind.Frozen,
            _ when tempC >= HotC => PlaceTroubleKind.TooHot,
            _ => null,
        };

    private static PlaceTrouble Silence(Place place, DateTimeOffset from, DateTimeOffset? to) =>
        new(
            PlaceTroubleKind.Silent,
            from,
            to,
            null,
            $"{(to is null ? "No reading" : "There was no reading")} from the thermometer of {place.InSentence}",
            "its temperature since then is assumed, not measured.",
            to is null ? "Look at its battery and plug; read the thermometer by eye and type it in at the next look." : null
        );

    private static PlaceTrouble Jump(Place place, TemperatureReading jump) =>
        new(
            PlaceTroubleKind.Jumping,
            jump.At,
            null,
            jump.TempC,
            Text.Of($"The thermometer of {place.InSentence} jumped to {Quantity.Temperature(jump.TempC)} faster than any shelf can"),
            "the reading is kept but not counted.",
            "Look at its cable and where it lies."
        );

    private sealed class Run(PlaceTroubleKind kind, DateTimeOffset from, double firstC)
    {
        public PlaceTroubleKind Kind => kind;

        public DateTimeOffset From { get; } = from;

        /// <summary>Of the last reading past the limit.</summary>
        public DateTimeOffset LastAt { get; private set; } = from;

        private double WorstC { get; set; } = firstC;

        public void Add(TemperatureReading reading) =>
            (LastAt, WorstC, CookedFrom, CookedTo) = (
                reading.At,
                kind == PlaceTroubleKind.Frozen ? Math.Min(WorstC, reading.TempC) : Math.Max(WorstC, reading.TempC),
                CookedFrom ?? Cooks(reading),
                Cooks(reading) ?? CookedTo
            );

        /// <summary>First and last reading at which seed cooks: what is told begins there, not where it was merely hot.</summary>
        private DateTimeOffset? CookedFrom { get; set; }

        private DateTimeOffset? CookedTo { get; set; }

        private static DateTimeOffset? Cooks(TemperatureReading reading) => reading.TempC >= GerminationWarmth.CookingC ? reading.At : null;

        public PlaceTrouble Tell(Place place, DateTimeOffset? to)
        {
            var (limit, now) = kind switch
            {
                PlaceTroubleKind.TooWarm => (
                    $"above {Quantity.WholeDegrees(ColdTooWarmC)}",
                    "this warm, chilling nearly stops and seed may sprout or go mouldy"
                ),
                PlaceTroubleKind.Frozen => (
                    $"below {Quantity.WholeDegrees(FrozenBelowC)}",
                    "frozen moist seed gains nothing and loses nothing; seed that has sprouted dies"
                ),
                _ when WorstC >= GerminationWarmth.CookingC => (
                    $"at {Quantity.WholeDegrees(GerminationWarmth.CookingC)} or more",
                    "seed of every kind cooks"
                ),
                _ => ($"at {Quantity.WholeDegrees(HotC)} or more", "seed of cool germinators falls dormant again, and hotter seed dies"),
            };
            var toDo = kind switch
            {
                PlaceTroubleKind.TooWarm =>
                    "Shut the door, look at the dial and the seal; carry the bags to another cold place if it does not fall.",
                PlaceTroubleKind.Frozen => "Turn the dial up, move the bags off the back wall.",
                _ => "Take the trays off the mat or out of the sun; look at the thermostat.",
            };
            // hot again below cooking heat, it is still present and still began when it cooked
            var (begun, ended) =
                kind == PlaceTroubleKind.TooHot && CookedFrom is { } cooked ? (cooked, to is null ? null : CookedTo) : (From, to);
            return new(
                kind,
                begun,
                ended,
                WorstC,
                Text.Of(
                    $"{place.Name} {(to is not null ? "was" : CookedTo < LastAt ? "has been" : "is")} {limit}, at "
                        + $"worst {Quantity.Temperature(WorstC)}"
                ),
                $"{now}.",
                to is null ? toDo : null
            );
        }
    }
}
