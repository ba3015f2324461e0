using System.Security.Cryptography;
using Microsoft.AspNetCore.Identity;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Teaching;
using TidyHeron.Formats;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Demo;

/// <summary>A made-up school with made-up people, forms and ranks, and months of teaching behind it.</summary>
public sealed class DemoSchool(HeronDb db, CurrentSchool current, UserManager<Account> accounts, TimeProvider clock)
{
    private static readonly string[] RankNames = ["Pebble", "Reed", "Ripple", "Current", "Tide"];
    private static readonly string[] ClassNames = ["Monday beginners", "Wednesday mixed", "Saturday weapons"];

    // Names put together for the demo; class, rank and height by position.
    private static readonly (string Name, int Class, int Rank, int Height)[] People =
    [
        ("Ansel Birkmoor", 0, 0, 168), ("Bettany Quill", 0, 0, 159), ("Corin Ashdale", 0, 0, 181), ("Dovie Marrow", 0, 0, 142), ("Emrys Tolland", 0, 1, 173),
        ("Fenna Lyle", 0, 1, 165), ("Garrick Thorne-Webb", 0, 0, 190), ("Hollis Venn", 0, 1, 137), ("Imre Castellan", 1, 1, 178), ("Juna Faircross", 1, 2, 162),
        ("Kester Hale", 1, 2, 184), ("Linnea Dray", 1, 2, 170), ("Merrit Oakes", 1, 1, 175), ("Nell Sparrowby", 1, 3, 158), ("Orrin Pike", 1, 3, 186),
        ("Petra Winslade", 1, 2, 167), ("Quentin Marsh", 1, 3, 179), ("Rowan Teasdale", 2, 3, 172), ("Sunniva Croft", 2, 3, 164), ("Tamsin Weir", 2, 4, 169),
        ("Ulric Penhale", 2, 4, 183), ("Verity Stokes", 2, 3, 160), ("Wystan Gale", 2, 4, 177), ("Yara Lindqvist", 2, 2, 171),
    ];

    /// <summary>The address under which the demo's person of a role signs in.</summary>
    public static string EmailOf(Role role) => role.ToString().ToLowerInvariant() + "@reedmere.example";

    /// <summary>Puts the school into an empty database.</summary>
    public async Task Load()
    {
        var school = new School { Name = "Reedmere Hall", FoundedAt = clock.GetUtcNow().AddYears(-6) };
        db.Schools.Add(school);
        await db.SaveChangesAsync();
        current.Id = school.Id;

        var head = await Add(Role.Head, "Ottoline Fenwick", school);
        await Add(Role.Instructor, "Barnaby Sedge", school);
        var studentAccount = await Add(Role.Student, People[9].Name, school);

        var ranks = RankNames.Select((name, i) => new Rank { Name = name, Order = i + 1 }).ToArray();
        var classes = ClassNames.Select((name, i) => new TrainingClass { Name = name, Order = i + 1 }).ToArray();
        var students = People.Select((p, i) => new Student
        {
            Name = p.Name, Rank = ranks[p.Rank], TrainingClass = classes[p.Class], HeightCm = p.Height, AccountId = i == 9 ? studentAccount.Id : null,
        }).ToArray();
        db.AddRange(ranks);
        db.AddRange(classes);
        db.AddRange(students);

        var forms = DemoForm.All.Select((f, i) => (Demo: f, Form: f.Read(), Stored: new StoredForm { Title = f.Title, Revision = 1, SharedFromRank = ranks[f.SharedFromRank], Order = i + 1 })).ToArray();
        foreach (var (_, form, stored) in forms)
        {
            stored.Revisions.Add(new FormRevision { Number = 1, Document = Json.Write(FormDocuments.Write(form)), SavedAt = clock.GetUtcNow().AddDays(-200), SavedById = head.Id, SavedBy = head.DisplayName });
            db.Forms.Add(stored);
        }
        foreach (var (application, file, first, last) in DemoApplications.All())
        {
            var (_, form, stored) = forms.Single(f => f.Demo.File == file);
            var counts = Counts.Of(form);
            application.Links.Add(new ApplicationLink
            {
                FormId = stored.Id, FirstMove = form.Moves[Array.IndexOf(counts, first)].Id.Value, LastMove = form.Moves[Array.LastIndexOf(counts, last)].Id.Value,
            });
            db.Applications.Add(application);
        }
        AddHistory(forms.Select(f => (f.Demo, f.Form, f.Stored.Id)).ToArray(), students, head);
        await db.SaveChangesAsync();
    }

    /// <summary>Months of lessons: a section is shown, then each lesson moves it on a step for those who came.</summary>
    private void AddHistory((DemoForm Demo, Form Form, Guid Id)[] forms, Student[] students, Account head)
    {
        var random = new Random(20_260);
        for (var s = 0; s < students.Length; s++)
        {
            var rank = People[s].Rank;
            foreach (var (demo, form, id) in forms.Where(f => f.Demo.SharedFromRank <= rank))
            {
                // The longer a form has been open to a rank, the more of it is known.
                var lead = (rank - demo.SharedFromRank) * 2 + 1;
                var sections = Sectioning.Spans(form);
                for (var k = 0; k < sections.Count; k++)
                {
                    var reached = Math.Clamp(lead + 3 - k * 2 + random.Next(-1, 2), 0, 5);
                    var day = 210 - 18 * k - random.Next(0, 20);
                    for (var step = 1; step <= reached; step++)
                    {
                        db.KnowledgeMarks.Add(new KnowledgeMark
                        {
                            StudentId = students[s].Id, FormId = id, SectionId = sections[k].Section.Id.Value, Step = (KnowingStep)step,
                            MarkedAt = clock.GetUtcNow().AddDays(-Math.Max(2, day)), MarkedById = head.Id, MarkedBy = head.DisplayName,
                        });
                        day -= 7 * random.Next(1, 5);
                    }
                }
            }
        }
    }

    private async Task<Account> Add(Role role, string name, School school)
    {
        var account = new Account { UserName = EmailOf(role), Email = EmailOf(role), DisplayName = name, Role = role, SchoolId = school.Id };
        // Nobody knows this password: the demo is entered by one click.
        var result = await accounts.CreateAsync(account, RandomNumberGenerator.GetHexString(40));
        return result.Succeeded ? account : throw new InvalidOperationException(string.Join(" ", result.Errors.Select(e => e.Description)));
    }
}
