using Gassel.Core.Climate;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Readings;
using Gassel.Web.Features.People;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Temperature;

/// <summary>Thermometers that send through an MQTT broker: which broker, and what is heard where.</summary>
internal static class BrokerEndpoints
{
    public static void MapBroker(this RouteGroupBuilder api)
    {
        api.MapGet("/broker", Known).For(Role.Grower);
        api.MapPut("/broker", Use).For(Role.Owner).ProducesProblem(400);
        api.MapDelete("/broker", Drop).For(Role.Owner);
        api.MapGet("/thermometers", All).For(Role.Grower);
        api.MapPut("/thermometers/{id:guid}/topic", Listen).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<BrokerView> Known(ThermometerBook book, MqttEar ear)
    {
        var (broker, now) = (await book.Broker(), ear.Now);
        return new(
            broker?.Host,
            broker?.Port,
            broker?.Tls ?? false,
            broker?.User,
            broker?.Password is not null,
            now.Connected,
            now.Fault,
            now.LastMessageAt,
            now.LastRefused
        );
    }

    private static async Task<Results<Ok<BrokerView>, ProblemHttpResult>> Use(
        BrokerToUse broker,
        ThermometerBook book,
        MqttEar ear,
        WriteGate gate
    )
    {
        if (broker.Check() is { } wrong)
            return wrong.ToResult();
        await book.Use(
            new()
            {
                Host = broker.Host.Trim(),
                Port = broker.Port,
                Tls = broker.Tls,
                User = string.IsNullOrWhiteSpace(broker.User) ? null : broker.User.Trim(),
                Password = string.IsNullOrEmpty(broker.Password) ? null : broker.Password,
            },
            gate
        );
        ear.Look();
        return TypedResults.Ok(await Known(book, ear));
    }

    private static async Task<BrokerView> Drop(ThermometerBook book, MqttEar ear, WriteGate gate)
    {
        await book.Use(null, gate);
        ear.Look();
        return await Known(book, ear);
    }

    private static async Task<IReadOnlyList<SendingThermometer>> All(ThermometerBook book) =>
        [
            .. (await book.All()).Select(t => new SendingThermometer(
                t.Id,
                t.Series,
                t.Topic,
                t.TempPath,
                t.Fahrenheit ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius
            )),
        ];

    private static async Task<Results<Ok<IReadOnlyList<SendingThermometer>>, ProblemHttpResult>> Listen(
        Guid id,
        ThermometerTopic wanted,
        ThermometerBook book,
        MqttEar ear,
        WriteGate gate
    )
    {
        if (wanted.Check() is { } wrong)
            return wrong.ToResult();
        static string? Told(string? text) => string.IsNullOrWhiteSpace(text) ? null : text.Trim();
        if (!await book.Listen(id, Told(wanted.Topic), Told(wanted.TempPath), wanted.Unit == TemperatureUnit.Fahrenheit, gate))
            return ThermometerEndpoints.NoSuch(id).ToResult();
        ear.Look();
        return TypedResults.Ok(await All(book));
    }
}
