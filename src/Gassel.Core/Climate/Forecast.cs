namespace Gassel.Core.Climate;

/// <summary>What is foretold, day by day: of each the newest word.</summary>
/// <param name="Days">In order.</param>
/// <param name="At">Moment at the site from which one looks ahead.</param>
public sealed record Forecast(IReadOnlyList<ForecastWord> Days, DateTimeOffset At)
{
    /// <summary>Days ahead that may be told (our assumption: beyond them a forecast is a guess).</summary>
    public const int MostDaysAhead = 15;

    /// <summary>From low to high of a day where only one of the two was told, K (our assumption).</summary>
    public const double DayRangeK = 10;

    /// <summary>An older word on tonight is stale (our assumption).</summary>
    public static readonly TimeSpan GoodFor = TimeSpan.FromDays(1);

    /// <param name="words">In any order.</param>
    public static Forecast Of(IEnumerable<ForecastWord> words, DateTimeOffset now) =>
        new(
            [
                .. words
                    .GroupBy(w => w.Date)
                    .Select(day => day.OrderBy(w => w.ToldAt).Aggregate((older, newer) => newer.Over(older)))
                    .OrderBy(w => w.Date),
            ],
            now
        );

    private DateOnly Date => DateOnly.FromDateTime(At.DateTime);

    /// <summary>The word on the night to come: its low falls on tomorrow morning. Null where nobody told it.</summary>
    public ForecastWord? Tonight => Days.FirstOrDefault(d => d.Date == Date.AddDays(1) && d.LowC is not null);

    /// <summary>Last day foretold without a gap from tonight on; null where tonight is not.</summary>
    public DateOnly? Until =>
        Tonight is null
            ? null
            : Days.Where(d => d.Date > Date && d.LowC is not null)
                .Select(d => d.Date)
                .Where((date, i) => date == Date.AddDays(1 + i))
                .Last();

    public ForecastState State =>
        Tonight is not { } tonight ? ForecastState.None
        : At - tonight.ToldAt > GoodFor ? ForecastState.Stale
        : ForecastState.Known;

    /// <summary>What is known, from whom, how old and how far ahead.</summary>
    public string Words =>
        State switch
        {
            ForecastState.None => "No forecast: enter tonight's low.",
            ForecastState.Stale => $"The forecast for tonight is from {Moment(Tonight!)}, more than a day old: check tonight's low.",
            _ => $"Forecast to {Quantity.Day(Until!.Value)}, {Tonight!.By}, {Moment(Tonight)}.",
        };

    private string Moment(ForecastWord word) => Quantity.Moment(word.ToldAt.ToOffset(At.Offset));

    /// <summary>Days of the forecast as weather; of one told only by its low or its high the other is taken to be
    /// <see cref="DayRangeK"/> away.</summary>
    public IReadOnlyList<ServiceDay> ToServiceDays() =>
        [
            .. from day in Days
            where day.LowC is not null || day.HighC is not null
            let low = day.LowC ?? day.HighC!.Value - DayRangeK
            select new ServiceDay(
                day.Date,
                low,
                day.HighC ?? low + DayRangeK,
                day.SnowCm ?? 0,
                day.RainMm is null && day.SnowCm is null ? null : day.RainMm > 0 || day.SnowCm > 0,
                day.GustKmh,
                // told when the day was over
                DateOnly.FromDateTime(day.ToldAt.ToOffset(At.Offset).DateTime) > day.Date
            ),
        ];
}
