namespace Gassel.Data.Packages;

/// <summary>How a value stands in a package; the names are those of Table Schema but for some that it writes alike.</summary>
internal enum PackageKind
{
    Text,
    Uuid,
    Whole,
    Number,
    Yes,
    Day,

    /// <summary>Of the day, without a date.</summary>
    Clock,

    /// <summary>Kept as Unix milliseconds.</summary>
    Moment,

    /// <summary>Kept as Unix seconds.</summary>
    Second,

    /// <summary>A number kept as hundredths.</summary>
    Hundredths,

    /// <summary>An object as JSON.</summary>
    Json,
}
