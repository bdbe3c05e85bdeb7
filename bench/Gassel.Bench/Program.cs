// Measures the built program beside a bare one in the same run. Argument: the root of the checkout.
using Gassel.Bench;

var root = args[0];

// one measurement alone, by its name
if (args is [_, "start"])
{
    await StartBench.Run(root, await Ground.Publish(root));
    return;
}
if (args is [_, "recording"])
{
    await RecordingBench.Run(root, await Ground.Publish(root));
    return;
}
if (args is [_, "season"])
{
    await SeasonBench.Run(root);
    return;
}
if (args is [_, "readings"])
{
    await ReadingBench.Run(root);
    return;
}
if (args is [_, "thermometers"])
{
    await ThermometerBench.Run(root);
    return;
}
if (args is [_, "germination"])
{
    GerminationBench.Run(root);
    return;
}
if (args is [_, "yard"])
{
    YardBench.Run();
    return;
}
if (args is [_, "list"])
{
    await SeasonBench.RunList(root);
    return;
}
if (args is [_, "wishes"])
{
    WishBench.Run();
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
