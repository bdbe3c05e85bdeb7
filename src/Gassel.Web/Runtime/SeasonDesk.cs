using Gassel.Core.Planning;
using Gassel.Solver;

namespace Gassel.Web.Runtime;

/// <summary>Where seasons are solved, one at a time: the others wait, so that the bench keeps its answers quick.</summary>
internal sealed class SeasonDesk : IDisposable
{
    private readonly SemaphoreSlim _turn = new(1, 1);

    public void Dispose() => _turn.Dispose();

    /// <exception cref="OperationCanceledException">Who asked has left.</exception>
    public async Task<SeasonAnswer> Solve(SeasonProblem problem, TimeSpan time, CancellationToken cancel)
    {
        await _turn.WaitAsync(cancel);
        try
        {
            return await Task.Run(() => SeasonSolver.Solve(problem, time, cancel), cancel);
        }
        finally
        {
            _turn.Release();
        }
    }
}
