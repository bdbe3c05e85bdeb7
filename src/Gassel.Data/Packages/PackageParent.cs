namespace Gassel.Data.Packages;

/// <summary>A field that names a row of another resource by its key.</summary>
internal sealed record PackageParent(string Field, string Table, string Key);
