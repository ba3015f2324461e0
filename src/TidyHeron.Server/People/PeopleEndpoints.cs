using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core;
using TidyHeron.Core.Terms;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.People;

public sealed record NamedResponse(Guid Id, string Name, int Order);

/// <summary>The lists that the school keeps.</summary>
public sealed record SchoolListsResponse(IReadOnlyList<NamedResponse> Ranks, IReadOnlyList<NamedResponse> Classes);

/// <param name="Name">What to call it.</param>
/// <param name="Order">Its place in the list, lowest first; the end where it is missing.</param>
public sealed record NamedRequest(string Name, int? Order = null);

public sealed record SchoolRequest(string Name, Tradition Tradition, DirectionHabit Directions);

/// <summary>The school's name and ways, its ranks and classes.</summary>
public static class PeopleEndpoints
{
    public static void MapPeople(this IEndpointRouteBuilder api)
    {
        var people = api.MapGroup("").WithTags("People");
        people.MapGet("/school/lists", Lists).WithName("listSchoolLists");
        people.MapPut("/school", ChangeSchool).WithName("changeSchool").RequireAuthorization(SignIn.HeadOnly);
        MapNamed(people.MapGroup("/ranks"), db => db.Ranks, request => new Rank { Name = request.Name }, "Rank",
            (db, id) => db.Students.AnyAsync(s => s.RankId == id));
        MapNamed(people.MapGroup("/classes"), db => db.TrainingClasses, request => new TrainingClass { Name = request.Name }, "Class",
            (db, id) => db.Students.AnyAsync(s => s.TrainingClassId == id));
        people.MapStances();
        people.MapStudents();
        people.MapAccounts();
    }

    private static async Task<Ok<SchoolListsResponse>> Lists(HeronDb db, CancellationToken cancellation) => TypedResults.Ok(new SchoolListsResponse(
        await db.Ranks.OrderBy(r => r.Order).Select(r => new NamedResponse(r.Id, r.Name, r.Order)).ToArrayAsync(cancellation),
        await db.TrainingClasses.OrderBy(c => c.Order).Select(c => new NamedResponse(c.Id, c.Name, c.Order)).ToArrayAsync(cancellation)));

    private static async Task<NoContent> ChangeSchool(SchoolRequest request, HeronDb db, CurrentSchool current, CancellationToken cancellation)
    {
        new Validation().Text("name", request.Name, 120, "Write the name of the school.").Throw();
        var school = await db.Schools.SingleAsync(s => s.Id == current.Id, cancellation);
        (school.Name, school.Tradition, school.Directions) = (request.Name.Trim(), request.Tradition, request.Directions);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    /// <summary>Ranks and classes are kept alike: add, rename, reorder, remove while nobody is in them.</summary>
    private static void MapNamed<T>(IEndpointRouteBuilder list, Func<HeronDb, DbSet<T>> rows, Func<NamedRequest, T> make, string what,
        Func<HeronDb, Guid, Task<bool>> isUsed) where T : class, IOfSchool
    {
        list.MapPost("", async Task<Ok<NamedResponse>> (NamedRequest request, HeronDb db, CancellationToken cancellation) =>
        {
            Check(request);
            var row = make(request with { Name = request.Name.Trim() });
            var entry = rows(db).Add(row);
            entry.Property<int>("Order").CurrentValue = request.Order ?? await rows(db).CountAsync(cancellation) + 1;
            await db.SaveChangesAsync(cancellation);
            return TypedResults.Ok(Describe(db, row));
        }).WithName("add" + what).RequireAuthorization(SignIn.HeadOnly);

        list.MapPut("/{id:guid}", async Task<Results<Ok<NamedResponse>, NotFound>> (Guid id, NamedRequest request, HeronDb db, CancellationToken cancellation) =>
        {
            Check(request);
            if (await rows(db).FirstOrDefaultAsync(r => EF.Property<Guid>(r, "Id") == id, cancellation) is not { } row) return TypedResults.NotFound();
            db.Entry(row).Property<string>("Name").CurrentValue = request.Name.Trim();
            if (request.Order is { } order) db.Entry(row).Property<int>("Order").CurrentValue = order;
            await db.SaveChangesAsync(cancellation);
            return TypedResults.Ok(Describe(db, row));
        }).WithName("change" + what).RequireAuthorization(SignIn.HeadOnly);

        list.MapDelete("/{id:guid}", async Task<Results<NoContent, NotFound, ProblemHttpResult>> (Guid id, HeronDb db, CancellationToken cancellation) =>
        {
            if (await rows(db).FirstOrDefaultAsync(r => EF.Property<Guid>(r, "Id") == id, cancellation) is not { } row) return TypedResults.NotFound();
            if (await isUsed(db, id))
                return TypedResults.Problem(statusCode: 409, title: $"{what} in use", detail: "Students are still in it. Move them to another one first.");
            rows(db).Remove(row);
            await db.SaveChangesAsync(cancellation);
            return TypedResults.NoContent();
        }).WithName("remove" + what).RequireAuthorization(SignIn.HeadOnly);

        static void Check(NamedRequest request) => new Validation().Text("name", request.Name, 80, "Write a name.").Throw();
        static NamedResponse Describe(HeronDb db, T row) =>
            new(db.Entry(row).Property<Guid>("Id").CurrentValue, db.Entry(row).Property<string>("Name").CurrentValue, db.Entry(row).Property<int>("Order").CurrentValue);
    }
}
