using System.Security.Cryptography;

namespace Gassel.Web.Features.People;

/// <summary>A code that is read out or typed once: ten signs, none of which is taken for another, some 48 bits.</summary>
internal static class SignUpCode
{
    public static readonly TimeSpan Lifetime = TimeSpan.FromDays(7);

    private const string Signs = "23456789ABCDEFGHJKMNPQRSTVWXYZ";
    private const int Half = 5;

    public static string Make() => RandomNumberGenerator.GetString(Signs, Half) + "-" + RandomNumberGenerator.GetString(Signs, Half);

    /// <summary>As it was made, however it was typed.</summary>
    public static string Plain(string typed) => string.Concat(typed.ToUpperInvariant().Where(char.IsAsciiLetterOrDigit));
}
