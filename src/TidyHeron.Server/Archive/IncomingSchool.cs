using System.Security.Claims;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Notation;
using TidyHeron.Formats;
using TidyHeron.Server.Forms;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Archive;

/// <summary>
/// Adds what an archive holds to the school of the person signed in. Nothing that is there is changed: ranks, classes and
/// students of the same name are taken as the same, forms and applications are added beside those of the same name.
/// </summary>
internal sealed class IncomingSchool(HeronDb db, ClaimsPrincipal person, TimeProvider clock, SchoolArchive archive)
{
    private readonly List<string> _notes = [];
    private readonly Dictionary<string, StoredForm> _forms = [];

    public async Task<TakenInResponse> Add(IReadOnlyList<StoredTerm> terms, IReadOnlyList<string> termNotes, CancellationToken cancellation)
    {
        _notes.AddRange(termNotes);
        db.Terms.AddRange(terms);
        var ranks = await db.Ranks.ToListAsync(cancellation);
        var newRanks = archive.School.Ranks.Where(name => ranks.All(r => r.Name != name)).Distinct().Select((name, i) => new Rank { Name = name, Order = ranks.Count + i + 1 }).ToList();
        db.Ranks.AddRange(newRanks);
        ranks.AddRange(newRanks);
        var classes = await db.TrainingClasses.ToListAsync(cancellation);
        var newClasses = archive.School.Classes.Where(name => classes.All(c => c.Name != name)).Distinct().Select((name, i) => new TrainingClass { Name = name, Order = classes.Count + i + 1 }).ToList();
        db.TrainingClasses.AddRange(newClasses);
        classes.AddRange(newClasses);

        await AddForms(ranks, cancellation);
        var (students, marks) = await AddStudents(ranks, classes, cancellation);
        AddApplications();
        await db.SaveChangesAsync(cancellation);
        return new TakenInResponse(_forms.Count, archive.School.Applications.Count, students, marks, newRanks.Count, newClasses.Count, terms.Count, _notes);
    }

    private async Task AddForms(List<Rank> ranks, CancellationToken cancellation)
    {
        var titles = (await db.Forms.Select(f => f.Title).ToListAsync(cancellation)).ToHashSet();
        var order = titles.Count;
        foreach (var row in archive.School.Forms)
        {
            var form = archive.Forms[row.File];
            if (!titles.Add(form.Title))
            {
                var title = $"{form.Title} (from archive)";
                for (var k = 2; !titles.Add(title); k++) title = $"{form.Title} (from archive {k})";
                _notes.Add($"A form \"{form.Title}\" is here already; the one from the archive is called \"{title}\".");
                form = form with { Title = title };
            }
            var stored = new StoredForm
            {
                Title = form.Title, Revision = 1, Order = ++order, SharedFromRank = ranks.FirstOrDefault(r => r.Name == row.SharedFrom), ArchivedAt = row.Archived ? clock.GetUtcNow() : null,
            };
            // Saves keep when and by whom; a form that gets a new name here is saved once more.
            var saves = row.History is { } history ? archive.Saves[history] : [];
            foreach (var save in saves) stored.Revisions.Add(FormEndpoints.RevisionOf(stored.Id, save.Form, stored.Revisions.Count + 1, person.AccountId, save.By, save.At.ToUniversalTime()));
            if (saves.Count == 0 || saves[^1].Form != form) stored.Revisions.Add(FormEndpoints.RevisionOf(stored.Id, form, stored.Revisions.Count + 1, person, clock));
            stored.Revision = stored.Revisions.Count;
            db.Forms.Add(stored);
            _forms[row.File] = stored;
        }
    }

    private async Task<(int Students, int Marks)> AddStudents(List<Rank> ranks, List<TrainingClass> classes, CancellationToken cancellation)
    {
        var known = (await db.Students.ToListAsync(cancellation)).GroupBy(s => s.Name).ToDictionary(g => g.Key, g => g.First());
        var (added, marks) = (0, 0);
        foreach (var row in archive.School.Students)
        {
            if (!known.TryGetValue(row.Name, out var student))
            {
                student = new Student
                {
                    Name = row.Name.Trim(), Rank = ranks.FirstOrDefault(r => r.Name == row.Rank), TrainingClass = classes.FirstOrDefault(c => c.Name == row.Class),
                    HeightCm = row.HeightCm, ShoulderCm = row.Measured?.ShoulderCm, FootCm = row.Measured?.FootCm, ArmCm = row.Measured?.ArmCm, LegCm = row.Measured?.LegCm, LeftAt = row.Left ? clock.GetUtcNow() : null,
                };
                db.Students.Add(student);
                known[row.Name] = student;
                added++;
            }
            foreach (var mark in row.Marks ?? [])
            {
                db.KnowledgeMarks.Add(new KnowledgeMark
                {
                    StudentId = student.Id, FormId = _forms[mark.Form].Id, SectionId = mark.Section, Step = mark.Step, MarkedAt = mark.At.ToUniversalTime(),
                    MarkedById = person.AccountId, MarkedBy = mark.By, WithdrawnAt = mark.Withdrawn?.ToUniversalTime(),
                });
                marks++;
            }
        }
        return (added, marks);
    }

    private void AddApplications()
    {
        foreach (var row in archive.School.Applications)
        {
            var application = new StoredApplication
            {
                Name = row.Name, AttackKind = row.Attack, AttackSide = row.AttackSide, AttackLevel = row.AttackLevel, Note = row.Note,
                Steps = (row.Steps ?? []).Select(s => new StoredStep { Who = s.Who, Text = s.Text }).ToList(), Risks = (row.Risks ?? []).Distinct().ToList(),
                ArchivedAt = row.Archived ? clock.GetUtcNow() : null,
            };
            application.Links.AddRange((row.Links ?? []).Select(l => new ApplicationLink { FormId = _forms[l.Form].Id, FirstMove = l.FirstMove, LastMove = l.LastMove }));
            db.Applications.Add(application);
        }
    }
}
