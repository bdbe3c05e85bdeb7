using System.Globalization;
using System.Text;
using Gassel.Core;

namespace Gassel.Web.Features.Species;

/// <summary>A short stable name made of a long one.</summary>
internal static class Slug
{
    /// <summary>Lower case letters, digits and hyphens; numbered where the name is taken.</summary>
    public static string Free(string name, IEnumerable<string> taken)
    {
        var plain = new StringBuilder();
        foreach (var c in name.Normalize(NormalizationForm.FormD).ToLowerInvariant())
        {
            if (char.IsAsciiLetterOrDigit(c))
                plain.Append(c);
            else if (plain.Length > 0 && plain[^1] != '-' && CharUnicodeInfo.GetUnicodeCategory(c) != UnicodeCategory.NonSpacingMark)
                plain.Append('-');
        }
        var slug = plain.ToString().Trim('-');
        if (slug.Length == 0)
            slug = "own";
        var all = taken.ToHashSet();
        return Enumerable.Range(1, all.Count + 1).Select(n => n == 1 ? slug : Text.Of($"{slug}-{n}")).First(s => !all.Contains(s));
    }
}
