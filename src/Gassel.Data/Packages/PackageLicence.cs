using System.Text.Json.Nodes;

namespace Gassel.Data.Packages;

/// <summary>On what terms a package may be used, by the names of Open Definition.</summary>
public enum PackageLicence
{
    /// <summary>Nobody said.</summary>
    NotSpecified,

    /// <summary>Anyone, naming the source: CC BY 4.0.</summary>
    CcBy,

    /// <summary>Anyone, for anything: CC0 1.0.</summary>
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
