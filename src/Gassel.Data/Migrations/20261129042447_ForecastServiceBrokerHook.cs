using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Gassel.Data.Migrations
{
    /// <inheritdoc />
    public partial class ForecastServiceBrokerHook : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "Fahrenheit",
                table: "thermometers",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "TempPath",
                table: "thermometers",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Topic",
                table: "thermometers",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "About",
                table: "sent_messages",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "AllowPrivate",
                table: "message_wishes",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "Hook",
                table: "message_wishes",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "HookPlain",
                table: "message_wishes",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "HookSecret",
                table: "message_wishes",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "broker",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false),
                    Host = table.Column<string>(type: "TEXT", nullable: false),
                    Port = table.Column<int>(type: "INTEGER", nullable: false),
                    Tls = table.Column<bool>(type: "INTEGER", nullable: false),
                    User = table.Column<string>(type: "TEXT", nullable: true),
                    Password = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_broker", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "forecast_service",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Service = table.Column<string>(type: "TEXT", nullable: false),
                    AskedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    ToldAt = table.Column<long>(type: "INTEGER", nullable: true),
                    NextAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Failures = table.Column<int>(type: "INTEGER", nullable: false),
                    Fault = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_forecast_service", x => x.Id);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "broker");

            migrationBuilder.DropTable(
                name: "forecast_service");

            migrationBuilder.DropColumn(
                name: "Fahrenheit",
                table: "thermometers");

            migrationBuilder.DropColumn(
                name: "TempPath",
                table: "thermometers");

            migrationBuilder.DropColumn(
                name: "Topic",
                table: "thermometers");

            migrationBuilder.DropColumn(
                name: "About",
                table: "sent_messages");

            migrationBuilder.DropColumn(
                name: "AllowPrivate",
                table: "message_wishes");

            migrationBuilder.DropColumn(
                name: "Hook",
                table: "message_wishes");

            migrationBuilder.DropColumn(
                name: "HookPlain",
                table: "message_wishes");

            migrationBuilder.DropColumn(
                name: "HookSecret",
                table: "message_wishes");
        }
    }
}
