using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Gassel.Data.Migrations
{
    /// <inheritdoc />
    public partial class LotsOwnSpeciesWeather : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            // a lot becomes one record in JSON; its seeds were counted after the test then, and before it now
            migrationBuilder.Sql(
                """
                UPDATE lots SET GatheredOn = json_object(
                    'gatheredAt', GatheredAt, 'gatheredOn', GatheredOn, 'counted', Seeds + coalesce(TestSeeds, 0),
                    'assumedFraction', AssumedFraction, 'note', Note,
                    'tests', CASE WHEN TestSeeds IS NULL THEN NULL ELSE json_array(json_object('germinated', TestGerminated, 'seeds', TestSeeds)) END);
                """);

            migrationBuilder.DropColumn(
                name: "AssumedFraction",
                table: "lots");

            migrationBuilder.DropColumn(
                name: "GatheredAt",
                table: "lots");

            migrationBuilder.DropColumn(
                name: "Note",
                table: "lots");

            migrationBuilder.DropColumn(
                name: "Seeds",
                table: "lots");

            migrationBuilder.DropColumn(
                name: "TestGerminated",
                table: "lots");

            migrationBuilder.DropColumn(
                name: "TestSeeds",
                table: "lots");

            migrationBuilder.RenameColumn(
                name: "GatheredOn",
                table: "lots",
                newName: "Body");

            migrationBuilder.AlterColumn<string>(
                name: "Body",
                table: "species",
                type: "TEXT",
                nullable: true,
                oldClrType: typeof(string),
                oldType: "TEXT");

            migrationBuilder.AddColumn<string>(
                name: "Own",
                table: "species",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Settings",
                table: "site",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "WeatherRecordId",
                table: "site",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Capacity",
                table: "places",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "weather_records",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Generated = table.Column<bool>(type: "INTEGER", nullable: false),
                    AddedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_weather_records", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "weather_days",
                columns: table => new
                {
                    RecordId = table.Column<int>(type: "INTEGER", nullable: false),
                    Day = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    MinC = table.Column<double>(type: "REAL", nullable: true),
                    MaxC = table.Column<double>(type: "REAL", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_weather_days", x => new { x.RecordId, x.Day });
                    table.ForeignKey(
                        name: "FK_weather_days_weather_records_RecordId",
                        column: x => x.RecordId,
                        principalTable: "weather_records",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "weather_days");

            migrationBuilder.DropTable(
                name: "weather_records");

            migrationBuilder.DropColumn(
                name: "Own",
                table: "species");

            migrationBuilder.DropColumn(
                name: "Settings",
                table: "site");

            migrationBuilder.DropColumn(
                name: "WeatherRecordId",
                table: "site");

            migrationBuilder.DropColumn(
                name: "Capacity",
                table: "places");

            migrationBuilder.RenameColumn(
                name: "Body",
                table: "lots",
                newName: "GatheredOn");

            migrationBuilder.AlterColumn<string>(
                name: "Body",
                table: "species",
                type: "TEXT",
                nullable: false,
                defaultValue: "",
                oldClrType: typeof(string),
                oldType: "TEXT",
                oldNullable: true);

            migrationBuilder.AddColumn<double>(
                name: "AssumedFraction",
                table: "lots",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "GatheredAt",
                table: "lots",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Note",
                table: "lots",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Seeds",
                table: "lots",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<int>(
                name: "TestGerminated",
                table: "lots",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "TestSeeds",
                table: "lots",
                type: "INTEGER",
                nullable: true);
        }
    }
}
