using System.Text.Json.Nodes;
using Gassel.Core;

namespace Gassel.Data.Packages;

/// <summary>On what terms a package may be used, by the names of Open Definition.</summary>
public enum PackageLicence
{
    [Words("not said")]
    NotSpecified,

    [Words("anyone, naming the source (CC BY 4.0)")]
    CcBy,

    [Words("anyone, for anything (CC0 1.0)")]
    Cc0,
}

internal static class PackageLicences
{
    public static JsonObject ToJson(this PackageLicence licence) =>
        licence switch
        {
            PackageLicence.CcBy => Named("CC-BY-4.0", "https://creativecommons.org/licenses/by/4.0/", "Creative Commons Attribution 4.0"),
            PackageLicence.Cc0 => Named("CC0-1.0", "https://creativecommons.org/publicdomain/zero/1.0/", "CC0 1.0"),
            _ => new JsonObject { ["name"] = "notspecified", ["title"] = "Not specified" },
        };

    private static JsonObject Named(string name, string path, string title) =>
        new()
        {
            ["name"] = name,
            ["path"] = path,
            ["title"] = title,
        };
}
