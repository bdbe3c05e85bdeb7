namespace Gassel.Core.Climate;

/// <param name="On">Null in a winter in which it did not freeze by this rule.</param>
public sealed record FreezeYear(int Year, DateOnly? On);
