namespace Gassel.Core.Climate;

/// <param name="Early">One winter in ten froze earlier, <c>MM-dd</c>; null where none froze.</param>
/// <param name="Usual">Half of the winters froze earlier, <c>MM-dd</c>; null with it.</param>
public sealed record GroundFreezeResult(
    IReadOnlyList<FreezeYear> Years,
    string? Early,
    string? Usual,
    int YearsUsed,
    int YearsWithout,
    IReadOnlyList<string> Working
);
