namespace Gassel.Data.Packages;

/// <summary>A column of a resource.</summary>
/// <param name="Name">In the package.</param>
/// <param name="Column">In the book.</param>
/// <param name="Words">What it says.</param>
/// <param name="IsRequired">Never empty.</param>
/// <param name="Unit">By the names of UCUM; null without one.</param>
/// <param name="OneOf">All it may be; null where it may be anything of its kind.</param>
/// <param name="Fault">What is wrong with a text, or null.</param>
internal sealed record PackageField(
    string Name,
    string Column,
    PackageKind Kind,
    string Words,
    bool IsRequired = true,
    string? Unit = null,
    IReadOnlyList<string>? OneOf = null,
    Func<string, string?>? Fault = null
);
