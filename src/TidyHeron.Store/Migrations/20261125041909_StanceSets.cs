using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace TidyHeron.Store.Migrations
{
    /// <inheritdoc />
    public partial class StanceSets : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "stance_changes",
                table: "schools",
                type: "jsonb",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.AddColumn<string>(
                name: "stance_set",
                table: "schools",
                type: "character varying(40)",
                maxLength: 40,
                nullable: false,
                defaultValue: "standard");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "stance_changes",
                table: "schools");

            migrationBuilder.DropColumn(
                name: "stance_set",
                table: "schools");
        }
    }
}
