namespace Gassel.Core.Germination;

/// <summary>A forecast beside what came: shares of germination, or days since sowing.</summary>
/// <param name="Batch">Its number.</param>
/// <param name="On">Day from which the truth stands.</param>
/// <param name="Low">Nine in ten were to lie between here and <paramref name="High"/>.</param>
/// <param name="Guess">What was held likeliest.</param>
public sealed record JudgedForecast(ForecastKind Kind, int Batch, DateOnly On, double Low, double High, double Guess, double Truth)
{
    public bool Held => Truth >= Low && Truth <= High;

    /// <summary>How far the truth lay from the guess, as a share of the way to the end on its side; 1 is the end itself.</summary>
    public double Reach =>
        (Truth >= Guess ? (Truth - Guess, High - Guess) : (Guess - Truth, Guess - Low)) is var (off, half)
            ? off <= 0
                ? 0
                : half <= 0
                    ? double.PositiveInfinity
                    : off / half
            : 0;
}
