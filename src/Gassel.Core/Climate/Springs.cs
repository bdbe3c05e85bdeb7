namespace Gassel.Core.Climate;

/// <summary>
/// Springs that sown seed has been through. A spring is over on 1 July in the north, on 1 January in the south (our assumption).
/// </summary>
public static class Springs
{
    /// <param name="latitude">The equator counts as north.</param>
    public static int Passed(DateOnly sown, DateOnly today, double latitude) =>
        Math.Max(0, Winters.Of(today, latitude < 0) - Winters.Of(sown, latitude < 0));
}
