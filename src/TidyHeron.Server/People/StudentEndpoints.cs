using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Body;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Server.Readings;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.People;

/// <param name="Rank">Name of the rank.</param>
/// <param name="TrainingClass">Name of the class.</param>
/// <param name="Measured">What was measured with a tape.</param>
public sealed record StudentResponse(Guid Id, string Name, Guid? RankId, string? Rank, Guid? ClassId, string? TrainingClass, int? HeightCm, MeasuredRequest Measured, bool HasLeft);

/// <param name="Total">How many there are on all pages.</param>
public sealed record StudentPageResponse(IReadOnlyList<StudentResponse> Students, int Total, int PageSize);

/// <param name="HeightCm">Stature in centimetres, 80 to 230; may be missing.</param>
/// <param name="Measured">What was measured with a tape; it needs the height, from which the rest of the body follows.</param>
public sealed record StudentRequest(string Name, Guid? RankId = null, Guid? ClassId = null, int? HeightCm = null, MeasuredRequest? Measured = null);

/// <summary>The roster.</summary>
public static class StudentEndpoints
{
    public const int PageSize = 60;

    public static void MapStudents(this IEndpointRouteBuilder people)
    {
        var students = people.MapGroup("/students");
        students.MapGet("", List).WithName("listStudents").RequireAuthorization(SignIn.Instructors);
        students.MapPost("", Add).WithName("addStudent").RequireAuthorization(SignIn.Instructors);
        students.MapPut("/{id:guid}", Change).WithName("changeStudent").RequireAuthorization(SignIn.Instructors);
        students.MapPost("/{id:guid}/leave", (Guid id, HeronDb db, TimeProvider clock, CancellationToken c) => SetLeft(id, clock.GetUtcNow(), db, c))
            .WithName("studentLeaves").RequireAuthorization(SignIn.Instructors);
        students.MapPost("/{id:guid}/return", (Guid id, HeronDb db, CancellationToken c) => SetLeft(id, null, db, c))
            .WithName("studentReturns").RequireAuthorization(SignIn.Instructors);
    }

    private static async Task<Ok<StudentPageResponse>> List(HeronDb db, Guid? classId, string? search, bool? left, int? page, CancellationToken cancellation)
    {
        var students = db.Students.Where(s => (s.LeftAt != null) == (left ?? false));
        if (classId is { } id) students = students.Where(s => s.TrainingClassId == id);
        if (!string.IsNullOrWhiteSpace(search)) students = students.Where(s => EF.Functions.ILike(s.Name, "%" + search.Trim() + "%"));
        var total = await students.CountAsync(cancellation);
        var rows = await students.OrderBy(s => s.Name).ThenBy(s => s.Id).Skip(Math.Max(0, page ?? 0) * PageSize).Take(PageSize).Select(Describe).ToArrayAsync(cancellation);
        return TypedResults.Ok(new StudentPageResponse(rows, total, PageSize));
    }

    private static async Task<Ok<StudentResponse>> Add(StudentRequest request, HeronDb db, CancellationToken cancellation)
    {
        await Check(request, db, cancellation);
        var student = new Student { Name = request.Name };
        Put(request, student);
        db.Students.Add(student);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(await db.Students.Where(s => s.Id == student.Id).Select(Describe).SingleAsync(cancellation));
    }

    private static async Task<Results<Ok<StudentResponse>, NotFound>> Change(Guid id, StudentRequest request, HeronDb db, CancellationToken cancellation)
    {
        if (await db.Students.SingleOrDefaultAsync(s => s.Id == id, cancellation) is not { } student) return TypedResults.NotFound();
        await Check(request, db, cancellation);
        Put(request, student);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(await db.Students.Where(s => s.Id == id).Select(Describe).SingleAsync(cancellation));
    }

    private static void Put(StudentRequest request, Student student)
    {
        (student.Name, student.RankId, student.TrainingClassId, student.HeightCm) = (request.Name.Trim(), request.RankId, request.ClassId, request.HeightCm);
        (student.ShoulderCm, student.FootCm, student.ArmCm, student.LegCm) = (request.Measured?.ShoulderCm, request.Measured?.FootCm, request.Measured?.ArmCm, request.Measured?.LegCm);
    }

    private static async Task<Results<NoContent, NotFound>> SetLeft(Guid id, DateTimeOffset? at, HeronDb db, CancellationToken cancellation)
    {
        if (await db.Students.SingleOrDefaultAsync(s => s.Id == id, cancellation) is not { } student) return TypedResults.NotFound();
        student.LeftAt = at;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task Check(StudentRequest request, HeronDb db, CancellationToken cancellation)
    {
        var validation = new Validation().Text("name", request.Name, 120, "Write the student's name.")
            .Check("heightCm", request.HeightCm is null or >= (int)BodyMeasures.LeastStatureCm and <= (int)BodyMeasures.GreatestStatureCm, "Give a height from 80 to 230 cm, or leave it out.");
        // Another school's rank is not there, like one that never was.
        if (request.RankId is { } rank && !await db.Ranks.AnyAsync(r => r.Id == rank, cancellation)) validation.Wrong("rankId", "There is no such rank. Choose one of the list.");
        if (request.ClassId is { } training && !await db.TrainingClasses.AnyAsync(c => c.Id == training, cancellation)) validation.Wrong("classId", "There is no such class. Choose one of the list.");
        var measured = request.Measured is { } m && m != new MeasuredRequest();
        validation.Check("heightCm", !measured || request.HeightCm is not null, "Give the height too: the rest of the body follows from it.").Throw();
        if (measured) Performer.Of(request.HeightCm!.Value, request.Measured);
    }

    internal static readonly System.Linq.Expressions.Expression<Func<Student, StudentResponse>> Describe = s => new StudentResponse(
        s.Id, s.Name, s.RankId, s.Rank!.Name, s.TrainingClassId, s.TrainingClass!.Name, s.HeightCm,
        new MeasuredRequest(s.ShoulderCm, s.FootCm, s.ArmCm, s.LegCm), s.LeftAt != null);
}
