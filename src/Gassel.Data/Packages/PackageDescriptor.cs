using System.Text.Json.Nodes;

namespace Gassel.Data.Packages;

/// <summary>
/// The <c>datapackage.json</c> of a package, by Frictionless Data Package version 1 with tabular data resources (from memory; the tests
/// have it judged by a validator others wrote).
/// </summary>
internal static class PackageDescriptor
{
    public const string FileName = "datapackage.json";

    /// <summary>Pictures lie in it by their names; beside the resources, for they are no tables.</summary>
    public const string PhotoFolder = "photos/";

    /// <summary>Goes up when a package of a newer Gassel cannot be read by an older one.</summary>
    public const int Version = 2;

    public static JsonObject Of(string site, bool madeUp, string schema, DateTimeOffset now, PackageLicence licence, JsonArray resources) =>
        new()
        {
            ["profile"] = "tabular-data-package",
            ["name"] = "gassel-book",
            ["title"] = madeUp ? $"{site} (made up)" : site,
            ["description"] =
                "A whole book of Gassel: everything recorded and everything planned. Without accounts, mail, brokers and tokens, which "
                + "belong to one machine. Entries are never changed; what was wrong is undone by an entry of its own.",
            ["version"] = $"{Version}.0.0",
            ["created"] = PackageCells.Write(PackageKind.Moment, now.ToUnixTimeMilliseconds()),
            ["licenses"] = new JsonArray(licence.ToJson()),
            ["gassel"] = new JsonObject
            {
                ["package"] = Version,
                ["book"] = schema,
                ["madeUp"] = madeUp,
            },
            ["resources"] = resources,
        };

    public static JsonObject Resource(PackageTable table, long bytes, string sha256)
    {
        var schema = new JsonObject
        {
            ["fields"] = new JsonArray([.. table.Fields.Select(Field)]),
            ["missingValues"] = new JsonArray(""),
            ["primaryKey"] = Strings(table.Key),
        };
        if (table.Parents.Count > 0)
        {
            schema["foreignKeys"] = new JsonArray([
                .. table.Parents.Select(p => new JsonObject
                {
                    ["fields"] = Strings([p.Field]),
                    ["reference"] = new JsonObject { ["resource"] = p.Table, ["fields"] = Strings([p.Key]) },
                }),
            ]);
        }
        return new JsonObject
        {
            ["profile"] = "tabular-data-resource",
            ["name"] = table.Name,
            ["path"] = table.Path,
            ["description"] = table.Words,
            ["format"] = "csv",
            ["mediatype"] = "text/csv",
            ["encoding"] = "utf-8",
            ["bytes"] = bytes,
            ["hash"] = "sha256:" + sha256,
            ["schema"] = schema,
        };
    }

    private static JsonObject Field(PackageField field)
    {
        var constraints = new JsonObject { ["required"] = field.IsRequired };
        if (field.OneOf is { } all)
            constraints["enum"] = field.Kind == PackageKind.Whole ? new JsonArray(1) : Strings(all);
        var json = new JsonObject
        {
            ["name"] = field.Name,
            ["type"] = PackageCells.TypeOf(field.Kind),
            ["description"] = field.Words,
            ["constraints"] = constraints,
        };
        if (field.Unit is { } unit)
            json["unit"] = unit;
        // a moment carries its milliseconds, which the default format has not
        if (field.Kind == PackageKind.Moment)
            json["format"] = "any";
        return json;
    }

    private static JsonArray Strings(IEnumerable<string> all) => new([.. all.Select(s => JsonValue.Create(s))]);
}
