namespace Gassel.Core.Germination;

/// <summary>Springs that sown seed has been through. A spring is over on 1 July in the north, on 1 January in the south (our assumption).</summary>
public static class Springs
{
    /// <param name="latitude">The equator counts as north.</param>
    public static int Passed(DateOnly sown, DateOnly today, double latitude)
    {
        int EndedBy(DateOnly day) => latitude < 0 || day.Month >= 7 ? day.Year : day.Year - 1;
        return Math.Max(0, EndedBy(today) - EndedBy(sown));
    }
}
