namespace Gassel.Core.Germination;

/// <summary>A forecast beside what came: shares of germination, days since sowing, or °C inside a container.</summary>
/// <param name="Batch">Its number.</param>
/// <param name="On">Day from which the truth stands.</param>
/// <param name="Low">Of what was said; nine in ten are taken to lie between here and <paramref name="High"/>.</param>
/// <param name="Guess">What was held likeliest.</param>
/// <param name="Widened">It was told so many times as wide as it came out of the model.</param>
public sealed record JudgedForecast(
    ForecastKind Kind,
    int Batch,
    DateOnly On,
    double Low,
    double High,
    double Guess,
    double Truth,
    double Widened = 1
)
{
    public bool Held => Truth >= Low && Truth <= High;

    /// <summary>
    /// How far the truth lay from the guess, as a share of the way to the end on its side as it came out of the model, so that forecasts
    /// told wider and narrower are judged alike: 0 at the guess, 1 at the end, infinite where what was said had no width there.
    /// </summary>
    public double Reach
    {
        get
        {
            var (off, half) = Truth >= Guess ? (Truth - Guess, High - Guess) : (Guess - Truth, Guess - Low);
            return off.Equals(0) ? 0 : off / half * Widened;
        }
    }
}
