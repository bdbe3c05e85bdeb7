namespace Gassel.Core.Record;

/// <summary>A day of a thermometer in a container.</summary>
/// <param name="Foretold">By the forecast of the evening before; false where nobody told one, and the weather as it was known afterwards
/// was taken.</param>
public sealed record InsideDay(DateOnly Date, bool Foretold, InsideTold Coldest, InsideTold Hottest);
