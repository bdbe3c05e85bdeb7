// Measures the built program beside a bare one in the same run. Argument: the root of the checkout.
using Gassel.Bench;

var root = args[0];

// one measurement alone, by its name
var alone = new Dictionary<string, Func<Task>>
{
    ["start"] = async () => await StartBench.Run(root, await Ground.Publish(root)),
    ["recording"] = async () => await RecordingBench.Run(root, await Ground.Publish(root)),
    ["season"] = () => SeasonBench.Run(root),
    ["list"] = () => SeasonBench.RunList(root),
    ["readings"] = () => ReadingBench.Run(root),
    ["thermometers"] = () => ThermometerBench.Run(root),
    ["germination"] = () => Task.Run(() => GerminationBench.Run(root)),
    ["yard"] = () => Task.Run(YardBench.Run),
    ["wishes"] = () => Task.Run(WishBench.Run),
};
if (args is [_, var name])
{
    await alone[name]();
    return;
}
Console.WriteLine($"processors {Environment.ProcessorCount}, {DateTime.UtcNow:yyyy-MM-dd} UTC; medians, ratios hold better than figures");
var ground = await Ground.Publish(root);
await StartBench.Run(root, ground);
SizeBench.Run(root);
await RecordingBench.Run(root, ground);
await PlanBench.Run(root);
await SeasonBench.Run(root);
await SeasonBench.RunList(root);
GerminationBench.Run(root);
YardBench.Run();
WishBench.Run();
await ReadingBench.Run(root);
await ThermometerBench.Run(root);
