using System.Security.Cryptography;
using Gassel.Data;

namespace Gassel.Web.Problems;

/// <summary>
/// Marks a record as it was read. Who changes it sends the mark along; where somebody else was quicker it no longer fits, and their change
/// is not overwritten unseen.
/// </summary>
internal static class Stamp
{
    public static string Of<T>(T record) =>
        Convert.ToHexString(SHA256.HashData(System.Text.Encoding.UTF8.GetBytes(CoreJson.Write(record))).AsSpan(0, 8));

    /// <summary>Null where the mark fits, or none was sent.</summary>
    public static Refusal? Check<T>(string? asOf, T present) =>
        asOf is null || asOf == Of(present)
            ? null
            : new(
                "asOf",
                "Somebody else has changed this since you opened it. Look at it again, then change it.",
                StatusCodes.Status409Conflict,
                "Changed meanwhile"
            );
}
