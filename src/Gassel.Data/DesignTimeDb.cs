using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace Gassel.Data;

/// <summary>Lets the migrations tool make a context without starting the program.</summary>
internal sealed class DesignTimeDb : IDesignTimeDbContextFactory<GasselDb>
{
    public GasselDb CreateDbContext(string[] args) =>
        new(new DbContextOptionsBuilder<GasselDb>().UseSqlite("Data Source=:memory:").Options);
}
