using System.Reflection;
using Microsoft.AspNetCore.DataProtection.EntityFrameworkCore;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Identity.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Store.Entities;

namespace TidyHeron.Store;

/// <summary>The school whose rows the present request may see; none before anyone has signed in.</summary>
public sealed class CurrentSchool
{
    public Guid? Id { get; set; }
}

/// <summary>
/// Everything that is stored. Rows of a school are only ever seen by that school: a filter on every query, and the
/// school's id put on every new row, so that no caller can forget either.
/// </summary>
public sealed class HeronDb(DbContextOptions<HeronDb> options, CurrentSchool school)
    : IdentityUserContext<Account, Guid>(options), IDataProtectionKeyContext
{
    // Read by the query filters; a property of the context is evaluated anew for each query.
    private Guid? SchoolId => school.Id;

    public DbSet<School> Schools => Set<School>();
    public DbSet<Rank> Ranks => Set<Rank>();
    public DbSet<TrainingClass> TrainingClasses => Set<TrainingClass>();
    public DbSet<Student> Students => Set<Student>();
    public DbSet<StoredForm> Forms => Set<StoredForm>();
    public DbSet<FormRevision> FormRevisions => Set<FormRevision>();
    public DbSet<StoredApplication> Applications => Set<StoredApplication>();
    public DbSet<ApplicationLink> ApplicationLinks => Set<ApplicationLink>();
    public DbSet<KnowledgeMark> KnowledgeMarks => Set<KnowledgeMark>();
    public DbSet<StoredTerm> Terms => Set<StoredTerm>();
    public DbSet<DataProtectionKey> DataProtectionKeys => Set<DataProtectionKey>();

    protected override void ConfigureConventions(ModelConfigurationBuilder conventions)
    {
        // Words, not numbers: a row read in psql says what it means, and reordering an enumeration breaks nothing.
        foreach (var type in (Type[])[typeof(Role), typeof(Core.Terms.Tradition), typeof(Core.DirectionHabit), typeof(Core.Applications.AttackKind),
                     typeof(Core.Notation.Side), typeof(Core.Notation.Level)])
            conventions.Properties(type).HaveConversion<string>().HaveMaxLength(40);
    }

    protected override void OnModelCreating(ModelBuilder model)
    {
        base.OnModelCreating(model);
        model.Entity<Account>(account =>
        {
            account.ToTable("accounts");
            account.HasIndex(a => a.SchoolId);
            account.HasOne<School>().WithMany().HasForeignKey(a => a.SchoolId);
        });
        model.Entity<IdentityUserClaim<Guid>>().ToTable("account_claims");
        model.Entity<IdentityUserLogin<Guid>>().ToTable("account_logins");
        model.Entity<IdentityUserToken<Guid>>().ToTable("account_tokens");
        model.Entity<School>(school =>
        {
            school.Property(s => s.StanceSet).HasMaxLength(40).HasDefaultValue("standard");
            school.Property(s => s.StanceChanges).HasColumnType("jsonb").HasDefaultValue("{}");
        });
        model.Entity<FormRevision>(revision =>
        {
            revision.HasKey(r => new { r.FormId, r.Number });
            revision.Property(r => r.Document).HasColumnType("jsonb");
            revision.HasOne<StoredForm>().WithMany(f => f.Revisions).HasForeignKey(r => r.FormId);
        });
        // Two savers of one form: the second one's update finds the number changed and is refused.
        model.Entity<StoredForm>().Property(f => f.Revision).IsConcurrencyToken();
        model.Entity<StoredApplication>(application =>
        {
            application.Property(a => a.Revision).IsConcurrencyToken();
            application.OwnsMany(a => a.Steps, steps => steps.ToJson());
            application.PrimitiveCollection(a => a.Risks).ElementType().HasConversion<string>();
        });
        model.Entity<ApplicationLink>(link =>
        {
            link.HasOne(l => l.Application).WithMany(a => a.Links).HasForeignKey(l => l.ApplicationId);
            link.HasOne<StoredForm>().WithMany().HasForeignKey(l => l.FormId);
        });
        model.Entity<KnowledgeMark>(mark =>
        {
            mark.HasIndex(m => new { m.FormId, m.StudentId, m.SectionId, m.MarkedAt });
            mark.HasIndex(m => new { m.StudentId, m.MarkedAt });
            mark.HasOne<Student>().WithMany().HasForeignKey(m => m.StudentId);
            mark.HasOne<StoredForm>().WithMany().HasForeignKey(m => m.FormId);
        });
        model.Entity<StoredTerm>().HasKey(t => new { t.SchoolId, t.TermId });
        model.Entity<Student>().HasIndex(s => s.AccountId).IsUnique();
        foreach (var type in model.Model.GetEntityTypes().Where(t => typeof(IOfSchool).IsAssignableFrom(t.ClrType)).ToList())
            typeof(HeronDb).GetMethod(nameof(FilterBySchool), BindingFlags.NonPublic | BindingFlags.Instance)!
                .MakeGenericMethod(type.ClrType).Invoke(this, [model]);
    }

    private void FilterBySchool<T>(ModelBuilder model) where T : class, IOfSchool => model.Entity<T>(row =>
    {
        // Rows make their own ids, so that a new row put into a list is known to be new.
        if (typeof(T).GetProperty("Id") is not null) row.Property("Id").ValueGeneratedNever();
        row.HasQueryFilter(r => r.SchoolId == SchoolId);
        row.HasIndex(r => r.SchoolId);
        row.HasOne<School>().WithMany().HasForeignKey(r => r.SchoolId);
    });

    public override Task<int> SaveChangesAsync(bool acceptAllChangesOnSuccess, CancellationToken cancellation = default)
    {
        foreach (var entry in ChangeTracker.Entries<IOfSchool>())
        {
            if (entry.State == EntityState.Added && entry.Entity.SchoolId == default)
                entry.Entity.SchoolId = school.Id ?? throw new InvalidOperationException("A school's row needs a school.");
            else if (entry.State is not EntityState.Unchanged && entry.Entity.SchoolId != school.Id)
                throw new InvalidOperationException("A row of another school cannot be changed.");
        }
        return base.SaveChangesAsync(acceptAllChangesOnSuccess, cancellation);
    }
}
