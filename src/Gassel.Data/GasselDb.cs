using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>The book on disk. Days are ISO text, instants Unix milliseconds, enums their names.</summary>
public class GasselDb(DbContextOptions<GasselDb> options) : DbContext(options)
{
    public DbSet<SiteRow> Sites => Set<SiteRow>();
    public DbSet<SpeciesRow> Species => Set<SpeciesRow>();
    public DbSet<RouteRow> Routes => Set<RouteRow>();
    public DbSet<LotRow> Lots => Set<LotRow>();
    public DbSet<PlaceRow> Places => Set<PlaceRow>();
    public DbSet<BatchRow> Batches => Set<BatchRow>();
    public DbSet<EntryRow> Entries => Set<EntryRow>();
    public DbSet<WeatherRecordRow> WeatherRecords => Set<WeatherRecordRow>();
    public DbSet<WeatherDayRow> WeatherDays => Set<WeatherDayRow>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<SiteRow>(e => { e.ToTable("site"); e.Property(x => x.Id).ValueGeneratedNever(); });
        modelBuilder.Entity<SpeciesRow>(e => { e.ToTable("species"); e.HasMany(x => x.Routes).WithOne().HasForeignKey(x => x.SpeciesId); });
        modelBuilder.Entity<RouteRow>(e => { e.ToTable("routes"); e.HasKey(x => new { x.Id, x.Version }); });
        modelBuilder.Entity<LotRow>(e => { e.ToTable("lots"); e.HasOne<SpeciesRow>().WithMany().HasForeignKey(x => x.SpeciesId); });
        modelBuilder.Entity<PlaceRow>(e => { e.ToTable("places"); e.Property(x => x.Kind).HasConversion<string>(); });
        modelBuilder.Entity<BatchRow>(e =>
        {
            e.ToTable("batches");
            e.HasIndex(x => x.Number).IsUnique();
            e.HasOne<SpeciesRow>().WithMany().HasForeignKey(x => x.SpeciesId);
            e.HasOne<LotRow>().WithMany().HasForeignKey(x => x.LotId);
        });
        modelBuilder.Entity<WeatherRecordRow>(e => e.ToTable("weather_records"));
        modelBuilder.Entity<WeatherDayRow>(e =>
        {
            e.ToTable("weather_days");
            e.HasKey(x => new { x.RecordId, x.Day });
            e.HasOne<WeatherRecordRow>().WithMany().HasForeignKey(x => x.RecordId);
        });
        modelBuilder.Entity<EntryRow>(e =>
        {
            e.ToTable("entries");
            e.HasKey(x => x.Sequence);
            e.Property(x => x.Sequence).ValueGeneratedOnAdd();
            e.HasIndex(x => x.Id).IsUnique();
            e.HasIndex(x => new { x.BatchId, x.Sequence });
            e.Property(x => x.Source).HasConversion<string>();
            e.HasOne<BatchRow>().WithMany().HasForeignKey(x => x.BatchId);
        });
    }
}
