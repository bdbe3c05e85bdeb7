using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Gassel.Data.Migrations
{
    /// <inheritdoc />
    public partial class Temperatures : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "reading_series",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    PlaceId = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Source = table.Column<string>(type: "TEXT", nullable: false),
                    Device = table.Column<string>(type: "TEXT", nullable: true),
                    Behaviour = table.Column<string>(type: "TEXT", nullable: false),
                    BehaviourSince = table.Column<long>(type: "INTEGER", nullable: false),
                    Attached = table.Column<bool>(type: "INTEGER", nullable: false),
                    Aside = table.Column<bool>(type: "INTEGER", nullable: false),
                    Whole = table.Column<bool>(type: "INTEGER", nullable: false),
                    AddedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_reading_series", x => x.Id);
                    table.ForeignKey(
                        name: "FK_reading_series_places_PlaceId",
                        column: x => x.PlaceId,
                        principalTable: "places",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.Sql("CREATE TABLE readings (SeriesId INTEGER NOT NULL REFERENCES reading_series (Id), At INTEGER NOT NULL, CentiC INTEGER NOT NULL, PRIMARY KEY (SeriesId, At)) WITHOUT ROWID");

            migrationBuilder.CreateIndex(
                name: "IX_reading_series_PlaceId",
                table: "reading_series",
                column: "PlaceId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("DROP TABLE readings");

            migrationBuilder.DropTable(
                name: "reading_series");
        }
    }
}
