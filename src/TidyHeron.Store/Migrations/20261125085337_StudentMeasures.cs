using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace TidyHeron.Store.Migrations
{
    /// <inheritdoc />
    public partial class StudentMeasures : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<double>(
                name: "arm_cm",
                table: "students",
                type: "double precision",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "foot_cm",
                table: "students",
                type: "double precision",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "leg_cm",
                table: "students",
                type: "double precision",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "shoulder_cm",
                table: "students",
                type: "double precision",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "arm_cm",
                table: "students");

            migrationBuilder.DropColumn(
                name: "foot_cm",
                table: "students");

            migrationBuilder.DropColumn(
                name: "leg_cm",
                table: "students");

            migrationBuilder.DropColumn(
                name: "shoulder_cm",
                table: "students");
        }
    }
}
