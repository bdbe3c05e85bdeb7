namespace Gassel.Web.Features.Learning;

/// <param name="Name">Of the treatment.</param>
/// <param name="Words">What it does, with its interval and the batches that carry it.</param>
/// <param name="Difference">Share that comes up more with it, −1 to 1.</param>
/// <param name="Seen">False where no difference is to be seen yet.</param>
public sealed record TreatmentTold(string Name, string Words, double Difference, double Low, double High, bool Seen);
