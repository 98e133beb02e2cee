<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Storage\DescribedColumns;
use NorthBough\Core\Citation\ProposedClassification;
use NorthBough\Core\Claim\Directness;
use NorthBough\Core\Claim\Information;
use NorthBough\Core\Evidence\QualityNumber;
use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\ClaimClassification;
use NorthBough\Core\Gedcom\Row\ClaimLineRef;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\MembershipKind;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\RepositoryRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Row\RollLinePointer;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Row\UnionRow;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use stdClass;

/** Rows of tables as rows for a file: the other way round from RowColumns. */
final class FileRows
{
    public static function person(stdClass $row): PersonRow
    {
        return DescribedColumns::restore(PersonRow::class, $row, ['changedAt' => self::changedAt($row)]);
    }

    public static function name(stdClass $row): NameRow
    {
        $name = PersonalName::of($row->given, $row->surname, $row->surname_prefix, $row->suffix, $row->title, $row->nickname);

        return DescribedColumns::restore(NameRow::class, $row, ['name' => $name]);
    }

    public static function event(stdClass $row): EventRow
    {
        return DescribedColumns::restore(EventRow::class, $row);
    }

    public static function parentSet(stdClass $row): ParentSetRow
    {
        return DescribedColumns::restore(ParentSetRow::class, $row,
            ['standing' => Standing::from($row->standing ?? 'unweighed'), 'proof' => Proof::from($row->proof ?? 'unstated')]);
    }

    public static function partner(stdClass $row): UnionPartnerRow
    {
        return DescribedColumns::restore(UnionPartnerRow::class, $row);
    }

    public static function union(stdClass $row): UnionRow
    {
        return DescribedColumns::restore(UnionRow::class, $row, ['changedAt' => self::changedAt($row)]);
    }

    public static function source(stdClass $row): SourceRow
    {
        return DescribedColumns::restore(SourceRow::class, $row, ['changedAt' => self::changedAt($row)]);
    }

    public static function repository(stdClass $row): RepositoryRow
    {
        return DescribedColumns::restore(RepositoryRow::class, $row, ['changedAt' => self::changedAt($row)]);
    }

    public static function record(stdClass $row): RecordRow
    {
        return DescribedColumns::restore(RecordRow::class, $row, ['head' => null]);
    }

    public static function claim(stdClass $row, string $kind): ClaimRow
    {
        $subject = new FactRef(Owner::from($kind), $row->{"{$kind}_id"});

        $line = $row->roll_line_id === null ? null
            : new ClaimLineRef($row->roll_line_id, (int) $row->line_number, $row->aspect, $row->other_line_id ?? '',
                (int) $row->other_number,
                array_map(strval(...), json_decode($row->said, true, flags: JSON_THROW_ON_ERROR)));

        $information = Information::from($row->information);
        // The number that came in is written back until somebody classes the claim.
        $quality = match (true) {
            $row->withdrawn !== '' => QualityNumber::WITHDRAWN,
            $information === Information::Unstated => $row->quality,
            default => QualityNumber::of($information, ProposedClassification::directness(Directness::from($row->evidence))),
        };
        $classes = DescribedColumns::restore(ClaimClassification::class, $row, ['isRead' => ! $row->taken_over && $line === null]);

        return DescribedColumns::restore(ClaimRow::class, $row, [
            'subject' => $subject, 'quality' => $quality, 'line' => $line, 'classes' => $classes,
            'stance' => $row->stance === 'supports' ? '' : $row->stance ?? '',
            'evidence' => $row->used_as === 'unstated' ? '' : $row->used_as ?? '',
        ]);
    }

    public static function parentage(stdClass $row): ParentageRow
    {
        return DescribedColumns::restore(ParentageRow::class, $row, ['decidedBy' => $row->decided_by ?? '']);
    }

    /**
     * @param  list<AlternativeRow>  $alternatives
     * @param  list<string>  $claims
     * @param  list<TaskRow>  $tasks
     */
    public static function question(stdClass $row, array $alternatives, array $claims, array $tasks): QuestionRow
    {
        $line = $row->roll_line_id === null ? null
            : new RollLinePointer($row->roll_line_id, $row->line_source_id, $row->line_locator, (int) $row->line_number);

        return DescribedColumns::restore(QuestionRow::class, $row,
            ['alternatives' => $alternatives, 'line' => $line, 'claims' => $claims, 'tasks' => $tasks,
                'decidedBy' => $row->decided_by ?? '']);
    }

    /** @param  list<PointRow>  $points */
    public static function alternative(stdClass $row, array $points): AlternativeRow
    {
        return DescribedColumns::restore(AlternativeRow::class, $row, ['points' => $points]);
    }

    public static function point(stdClass $row): PointRow
    {
        return DescribedColumns::restore(PointRow::class, $row);
    }

    /** @param  list<string>  $people */
    public static function search(stdClass $row, array $people): SearchRow
    {
        return DescribedColumns::restore(SearchRow::class, $row, ['people' => $people]);
    }

    public static function note(stdClass $row, string $kind): NoteRow
    {
        return DescribedColumns::restore(NoteRow::class, $row, ['owner' => new FactRef(Owner::from($kind), $row->{"{$kind}_id"})]);
    }

    public static function role(stdClass $row): RoleRow
    {
        return DescribedColumns::restore(RoleRow::class, $row);
    }

    public static function task(stdClass $row): TaskRow
    {
        return DescribedColumns::restore(TaskRow::class, $row,
            ['doneOn' => $row->done_at === null ? '' : (new \DateTimeImmutable($row->done_at))->setTimezone(new \DateTimeZone('UTC'))
                ->format('Y-m-d')]);
    }

    public static function member(stdClass $row, MembershipKind $kind): MemberRow
    {
        return DescribedColumns::restore(MemberRow::class, $row, ['kind' => $kind, 'groupId' => $row->{"{$kind->value}_id"}]);
    }

    public static function group(stdClass $row, MembershipKind $kind): GroupRow
    {
        return DescribedColumns::restore(GroupRow::class, $row, ['kind' => $kind]);
    }

    public static function kept(stdClass $row, ?string $kind): KeptRow
    {
        $owner = $kind === null ? null : new FactRef(Owner::from($kind), $row->{"{$kind}_id"});

        return DescribedColumns::restore(KeptRow::class, $row, ['owner' => $owner]);
    }

    private static function changedAt(stdClass $row): ?\DateTimeImmutable
    {
        return $row->changed_at === null ? null : new \DateTimeImmutable($row->changed_at);
    }
}
