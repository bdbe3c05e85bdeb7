using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Problems;

/// <summary>Why an input is not accepted: which field, what was wrong, what would be valid.</summary>
/// <param name="Field">Path in camelCase, for instance <c>counts[0].day</c>; null where no single field is the matter.</param>
public sealed record Refusal(string? Field, string Detail, int Status = StatusCodes.Status400BadRequest, string Title = "Not accepted")
{
    public static Refusal NotFound(string field, object value, string whatWouldBe) =>
        new(field, $"There is no {field} {value}. {whatWouldBe}", StatusCodes.Status404NotFound, "Not found");

    public ProblemHttpResult ToResult(IDictionary<string, object?>? more = null)
    {
        var extensions = new Dictionary<string, object?>(more ?? new Dictionary<string, object?>());
        if (Field is not null)
            extensions["field"] = Field;
        return TypedResults.Problem(Detail, statusCode: Status, title: Title, extensions: extensions);
    }
}
