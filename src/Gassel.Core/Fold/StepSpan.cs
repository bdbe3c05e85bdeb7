namespace Gassel.Core.Fold;

/// <summary>A step a part was or is in. <c>End</c> is null while it lasts.</summary>
/// <param name="Told">Its beginning was told afterwards: nobody watched it in this book.</param>
/// <param name="StartedAt">The moment, where hours matter and it was recorded.</param>
public sealed record StepSpan(int Step, DateOnly Start, DateOnly? End, bool Told = false, DateTimeOffset? StartedAt = null);
