using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Gassel.Data.Migrations
{
    /// <inheritdoc />
    public partial class Initial : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "places",
                columns: table => new
                {
                    Id = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    AssumedC = table.Column<double>(type: "REAL", nullable: false),
                    Position = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_places", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "site",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Latitude = table.Column<double>(type: "REAL", nullable: false),
                    TimeZone = table.Column<string>(type: "TEXT", nullable: false),
                    LastFrost = table.Column<string>(type: "TEXT", nullable: false),
                    DemoWoundAt = table.Column<long>(type: "INTEGER", nullable: true),
                    DemoShowed = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_site", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "species",
                columns: table => new
                {
                    Id = table.Column<string>(type: "TEXT", nullable: false),
                    ScientificName = table.Column<string>(type: "TEXT", nullable: false),
                    Body = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_species", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "lots",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SpeciesId = table.Column<string>(type: "TEXT", nullable: false),
                    GatheredAt = table.Column<string>(type: "TEXT", nullable: false),
                    GatheredOn = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    Seeds = table.Column<int>(type: "INTEGER", nullable: false),
                    AssumedFraction = table.Column<double>(type: "REAL", nullable: true),
                    TestGerminated = table.Column<int>(type: "INTEGER", nullable: true),
                    TestSeeds = table.Column<int>(type: "INTEGER", nullable: true),
                    Note = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_lots", x => x.Id);
                    table.ForeignKey(
                        name: "FK_lots_species_SpeciesId",
                        column: x => x.SpeciesId,
                        principalTable: "species",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "routes",
                columns: table => new
                {
                    Id = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    SpeciesId = table.Column<string>(type: "TEXT", nullable: false),
                    Position = table.Column<int>(type: "INTEGER", nullable: false),
                    Body = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_routes", x => new { x.Id, x.Version });
                    table.ForeignKey(
                        name: "FK_routes_species_SpeciesId",
                        column: x => x.SpeciesId,
                        principalTable: "species",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "batches",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Number = table.Column<int>(type: "INTEGER", nullable: false),
                    SpeciesId = table.Column<string>(type: "TEXT", nullable: false),
                    LotId = table.Column<int>(type: "INTEGER", nullable: false),
                    Plan = table.Column<string>(type: "TEXT", nullable: false),
                    ConfirmedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Who = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_batches", x => x.Id);
                    table.ForeignKey(
                        name: "FK_batches_lots_LotId",
                        column: x => x.LotId,
                        principalTable: "lots",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_batches_species_SpeciesId",
                        column: x => x.SpeciesId,
                        principalTable: "species",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "entries",
                columns: table => new
                {
                    Sequence = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    Act = table.Column<Guid>(type: "TEXT", nullable: false),
                    BatchId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    DoneOn = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    DoneAt = table.Column<long>(type: "INTEGER", nullable: true),
                    RecordedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ReceivedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Who = table.Column<string>(type: "TEXT", nullable: false),
                    Source = table.Column<string>(type: "TEXT", nullable: false),
                    Payload = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_entries", x => x.Sequence);
                    table.ForeignKey(
                        name: "FK_entries_batches_BatchId",
                        column: x => x.BatchId,
                        principalTable: "batches",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_batches_LotId",
                table: "batches",
                column: "LotId");

            migrationBuilder.CreateIndex(
                name: "IX_batches_Number",
                table: "batches",
                column: "Number",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_batches_SpeciesId",
                table: "batches",
                column: "SpeciesId");

            migrationBuilder.CreateIndex(
                name: "IX_entries_BatchId_Sequence",
                table: "entries",
                columns: new[] { "BatchId", "Sequence" });

            migrationBuilder.CreateIndex(
                name: "IX_entries_Id",
                table: "entries",
                column: "Id",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_lots_SpeciesId",
                table: "lots",
                column: "SpeciesId");

            migrationBuilder.CreateIndex(
                name: "IX_routes_SpeciesId",
                table: "routes",
                column: "SpeciesId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "entries");

            migrationBuilder.DropTable(
                name: "places");

            migrationBuilder.DropTable(
                name: "routes");

            migrationBuilder.DropTable(
                name: "site");

            migrationBuilder.DropTable(
                name: "batches");

            migrationBuilder.DropTable(
                name: "lots");

            migrationBuilder.DropTable(
                name: "species");
        }
    }
}
