namespace Gassel.Core.Germination;

/// <summary>
/// What the 14 days from today can still bring, of seed that had not come up by the last count and has not come up unseen since.
/// </summary>
/// <param name="Low">Of the number expected, in 19 of 20 draws of the curve and of chance; null where no curve was drawn.</param>
public readonly record struct Remaining(double Expected, double ProbabilityOfAny, double? Low = null, double? High = null);
