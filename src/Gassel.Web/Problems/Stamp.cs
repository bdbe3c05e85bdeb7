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

    /// <summary>Sent by who means to overwrite whatever it is by now.</summary>
    private const string Whatever = "*";

    /// <summary>Null where the mark fits. One is always asked for.</summary>
    public static Refusal? Check<T>(string? asOf, T present) =>
        asOf switch
        {
            null => new(
                "asOf",
                $"Send the stamp that this was read with, so that nobody's change is overwritten unseen; {Whatever} overwrites "
                    + "whatever it is by now.",
                StatusCodes.Status428PreconditionRequired,
                "Stamp missing"
            ),
            Whatever => null,
            _ when asOf == Of(present) => null,
            _ => new(
                "asOf",
                "Somebody else has changed this since you opened it. Look at it again, then change it.",
                StatusCodes.Status409Conflict,
                "Changed meanwhile"
            ),
        };
}
