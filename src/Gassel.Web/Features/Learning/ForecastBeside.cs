namespace Gassel.Web.Features.Learning;

/// <summary>A forecast beside what came: shares of germination, or days since sowing.</summary>
/// <param name="Number">Of the batch.</param>
/// <param name="On">Day from which the truth stands.</param>
public sealed record ForecastBeside(int Number, DateOnly On, double Low, double High, double Guess, double Truth, bool Held);
