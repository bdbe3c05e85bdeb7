using System.Text.Json.Serialization.Metadata;
using Gassel.Core;
using Gassel.Web.Runtime;

namespace Gassel.Web.Hosting;

/// <summary>
/// Every answer is spoken in the units of the site. It works on the values of properties, not on a converter, for the interface description
/// cannot see through a converter of our own.
/// </summary>
internal static class SpokenText
{
    public static Action<JsonTypeInfo> By(SiteClock clock) =>
        type =>
        {
            foreach (var property in type.Properties)
            {
                if (property.Get is not { } read)
                    continue;
                if (property.PropertyType == typeof(string))
                    property.Get = of => read(of) is string said ? Say(clock, said) : null;
                else if (typeof(IEnumerable<string>).IsAssignableFrom(property.PropertyType))
                    property.Get = of => read(of) is IReadOnlyList<string> all ? Say(clock, all) : read(of);
            }
        };

    public static string Say(SiteClock clock, string said) => Speaker.HasValues(said) ? clock.Speaker.Say(said) : said;

    private static IReadOnlyList<string> Say(SiteClock clock, IReadOnlyList<string> all) =>
        all.Any(Speaker.HasValues) ? [.. all.Select(clock.Speaker.Say)] : all;
}
