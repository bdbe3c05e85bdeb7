using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Gassel.Web.Features.Calculators;

/// <summary>Records to try the calculator of causes with, in the interface description.</summary>
internal static class CausesExamples
{
    private const string Found = """
        {
          "species": {
            "dormancyClass": "physiological", "depth": "intermediate", "germination": { "lowC": 10, "highC": 18 },
            "sowingDepth": { "lowMm": 2, "highMm": 4 }
          },
          "steps": [
            { "kind": "coldMoist", "days": { "shortest": 40, "usual": 60, "longest": 90 }, "from": "2026-12-01" }
          ],
          "sowing": {
            "on": "2027-02-10", "seeds": 60, "daysToEmergence": { "shortest": 10, "usual": 20, "longest": 35 },
            "expected": 0.7, "depthMm": 3, "cover": "mix"
          },
          "looks": [
            { "on": "2027-02-16", "moisture": "dry" },
            { "on": "2027-02-20", "moisture": "dry" },
            { "on": "2027-03-12", "emerged": 4 }
          ],
          "on": "2027-03-28"
        }
        """;

    private const string Deep = """
        {
          "species": { "dormancyClass": "none", "germination": { "lowC": 12, "highC": 20 }, "sowingDepth": { "lowMm": 1, "highMm": 3 } },
          "steps": [],
          "sowing": {
            "on": "2027-04-01", "seeds": 80, "daysToEmergence": { "shortest": 7, "usual": 14, "longest": 28 },
            "expected": 0.8, "depthMm": 12, "cover": "mix"
          },
          "looks": [
            { "on": "2027-04-10", "surface": "moist" },
            { "on": "2027-04-18", "surface": "moist", "emerged": 9 }
          ],
          "temperatures": [
            { "date": "2027-04-01", "minC": 14, "maxC": 19 },
            { "date": "2027-04-02", "minC": 13, "maxC": 18 }
          ],
          "lot": { "ageYears": 1 },
          "on": "2027-05-05"
        }
        """;

    public static Task Put(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        if (context.JsonTypeInfo.Type == typeof(CausesRequest))
            schema.Examples = [JsonNode.Parse(Found)!, JsonNode.Parse(Deep)!];
        return Task.CompletedTask;
    }
}
