namespace Gassel.Data.Packages;

/// <summary>A package that cannot be taken in.</summary>
/// <param name="place">Where in it, as in "data/entries.csv, row 12, done_on".</param>
/// <param name="why">What is wrong there and what would be valid.</param>
public sealed class PackageException(string place, string why) : Exception($"{place}: {why}");
