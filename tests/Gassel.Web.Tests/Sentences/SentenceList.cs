using System.Text;
using System.Text.RegularExpressions;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace Gassel.Web.Tests.Sentences;

/// <summary>Every text of a C# source that a person may read, as its template: what is filled in stands in braces.</summary>
internal static partial class SentenceList
{
    /// <summary>The templates of one file, in the order of the code.</summary>
    public static IEnumerable<string> In(string code) =>
        CSharpSyntaxTree
            .ParseText(code)
            .GetRoot()
            .DescendantNodes()
            .OfType<ExpressionSyntax>()
            .Where(e => Template(e) is not null && e.Parent is not BinaryExpressionSyntax { RawKind: (int)SyntaxKind.AddExpression })
            .Where(e => !InAPart(e) && !OfTheCode(e))
            .Select(e => Spaces().Replace(Template(e)!, " ").Trim())
            .Where(t => TwoWords().IsMatch(t))
            .Distinct();

    /// <summary>The text of a literal, of an interpolation or of several added up; null for any other expression.</summary>
    private static string? Template(ExpressionSyntax e) =>
        e switch
        {
            LiteralExpressionSyntax l when l.IsKind(SyntaxKind.StringLiteralExpression) => l.Token.ValueText,
            InterpolatedStringExpressionSyntax i => Holes(i),
            BinaryExpressionSyntax b when b.IsKind(SyntaxKind.AddExpression) && (Template(b.Left) ?? Template(b.Right)) is not null => (
                Template(b.Left) ?? $"{{{b.Left}}}"
            ) + (Template(b.Right) ?? $"{{{b.Right}}}"),
            _ => null,
        };

    private static string Holes(InterpolatedStringExpressionSyntax i)
    {
        var text = new StringBuilder();
        foreach (var part in i.Contents)
            text.Append(part is InterpolatedStringTextSyntax t ? t.TextToken.ValueText : part.ToString());
        return text.ToString();
    }

    /// <summary>A literal within the hole of another is shown there.</summary>
    private static bool InAPart(ExpressionSyntax e) => e.Ancestors().OfType<InterpolationSyntax>().Any();

    /// <summary>Patterns, routes and what is thrown at an engineer are not said to a grower.</summary>
    private static bool OfTheCode(ExpressionSyntax e) =>
        e.FirstAncestorOrSelf<AttributeSyntax>() is { } a && !a.Name.ToString().Contains("Words", StringComparison.Ordinal)
        || e.FirstAncestorOrSelf<ObjectCreationExpressionSyntax>()?.Type.ToString() is { } made
            && made.EndsWith("Exception", StringComparison.Ordinal)
            && (made.StartsWith("InvalidOperation", StringComparison.Ordinal) || made.StartsWith("Unreachable", StringComparison.Ordinal));

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();

    [GeneratedRegex(@"\p{L}{2,}[,.;:]? (\p{L}|\{|\d)|\} \p{L}{2,}")]
    private static partial Regex TwoWords();
}
