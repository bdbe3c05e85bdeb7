using Gassel.Web.Problems;

namespace Gassel.Web.Features.Told;

/// <summary>Lines of a winter under way, as they are pasted.</summary>
internal static class ToldTable
{
    private static readonly string[] Columns = ["species", "lot", "step", "since", "seeds", "place", "route", "vessel", "cells"];
    private static readonly PastedTable Table = new(Columns, needed: 5);

    public static (IReadOnlyList<ToldLine>? Lines, Refusal? Refusal) Read(string text)
    {
        var (lines, refusal) = Table.Read(text);
        return (lines?.Select(c => new ToldLine(c[0], c[1], c[2], c[3], c[4], c[5], c[6], c[7], c[8])).ToList(), refusal);
    }
}
