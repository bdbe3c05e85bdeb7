namespace Gassel.Data;

/// <summary>Placeholder until the season is written below.</summary>
public static class DemoSeason
{
    public static Task Fill(GasselDb db, DateTimeOffset realNow) => Task.CompletedTask;
}
