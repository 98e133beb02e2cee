<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Models\Casts\DateColumns;
use NorthBough\Core\Citation\ProposedClassification;
use NorthBough\Core\Claim\Directness;
use NorthBough\Core\Claim\Information;
use NorthBough\Core\Evidence\QualityNumber;
use NorthBough\Core\Family\PartnerSlot;
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
use NorthBough\Core\Gedcom\Row\TieSide;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Row\UnionRow;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use stdClass;

/** Rows of tables as rows for a file: the other way round from RowColumns. */
final class FileRows
{
    public static function person(stdClass $row): PersonRow
    {
        return new PersonRow($row->id, $row->number, Sex::from($row->sex), $row->ordinal, self::written($row), self::changedAt($row), $row->restriction);
    }

    public static function name(stdClass $row): NameRow
    {
        $name = PersonalName::of($row->given, $row->surname, $row->surname_prefix, $row->suffix, $row->title, $row->nickname);

        return new NameRow($row->id, $row->person_id, NameKind::from($row->kind), $name, $row->ordinal, self::written($row), Standing::from($row->standing));
    }

    public static function event(stdClass $row): EventRow
    {
        return new EventRow($row->id, $row->person_id, $row->union_id, $row->kind, $row->type_words, $row->value,
            DateColumns::restore((array) $row), $row->place_typed, $row->denied, $row->ordinal, self::written($row), Standing::from($row->standing), $row->restriction);
    }

    public static function parentSet(stdClass $row): ParentSetRow
    {
        return new ParentSetRow($row->id, $row->child_id, $row->union_id, $row->leads, ParentageKind::from($row->kind), TieSide::from($row->side),
            $row->ordinal, $row->child_ordinal, self::written($row), Standing::from($row->standing ?? 'unweighed'), Proof::from($row->proof ?? 'unstated'));
    }

    public static function partner(stdClass $row): UnionPartnerRow
    {
        return new UnionPartnerRow($row->id, $row->union_id, $row->person_id, PartnerSlot::from($row->slot), TieSide::from($row->side),
            $row->ordinal, $row->person_ordinal, self::written($row), Standing::from($row->standing));
    }

    public static function union(stdClass $row): UnionRow
    {
        return new UnionRow($row->id, $row->ordinal, self::written($row), self::changedAt($row), $row->restriction);
    }

    public static function source(stdClass $row): SourceRow
    {
        return new SourceRow($row->id, $row->title, $row->author, $row->publication, $row->abbreviation, $row->text,
            $row->repository_id, $row->call_number, $row->ordinal, self::written($row), self::changedAt($row),
            $row->kind, $row->source_kind_id, json_decode($row->fields, true, flags: JSON_THROW_ON_ERROR), $row->list_name);
    }

    public static function repository(stdClass $row): RepositoryRow
    {
        return new RepositoryRow($row->id, $row->name, $row->ordinal, self::written($row), self::changedAt($row));
    }

    public static function record(stdClass $row): RecordRow
    {
        return new RecordRow($row->id, $row->source_id, $row->locator);
    }

    public static function claim(stdClass $row, string $kind): ClaimRow
    {
        $subject = new FactRef(Owner::from($kind), $row->{"{$kind}_id"});

        $line = $row->roll_line_id === null ? null : new ClaimLineRef($row->roll_line_id, (int) $row->line_number, $row->aspect, $row->other_line_id ?? '', (int) $row->other_number,
            array_map(strval(...), json_decode($row->said, true, flags: JSON_THROW_ON_ERROR)));

        $information = Information::from($row->information);
        // The number that came in is written back until somebody classes the claim.
        $quality = match (true) {
            $row->withdrawn !== '' => QualityNumber::WITHDRAWN,
            $information === Information::Unstated => $row->quality,
            default => QualityNumber::of($information, ProposedClassification::directness(Directness::from($row->evidence))),
        };
        $classes = new ClaimClassification($information === Information::Unstated ? '' : $information->value, $row->reading === 'sure' ? '' : $row->reading, $row->informant, $row->origin, $row->weight_said, $row->weight_why, ! $row->taken_over && $line === null, $row->withdrawn, $row->evidence === 'unstated' ? '' : $row->evidence, $row->informant_tie);

        return new ClaimRow($row->id, $row->record_id, $subject, $row->words, $quality, $row->ordinal, self::written($row), $line, $classes, $row->stance === 'supports' ? '' : $row->stance ?? '', $row->used_as === 'unstated' ? '' : $row->used_as ?? '', $row->leans_on_id ?? '');
    }

    public static function parentage(stdClass $row): ParentageRow
    {
        return new ParentageRow($row->id, $row->parent_set_id, $row->person_id, ParentageKind::from($row->kind), Standing::from($row->standing), Proof::from($row->proof), $row->kind_words, $row->years, $row->decided_by ?? '');
    }

    /**
     * @param  list<AlternativeRow>  $alternatives
     * @param  list<string>  $claims
     * @param  list<TaskRow>  $tasks
     */
    public static function question(stdClass $row, array $alternatives, array $claims, array $tasks): QuestionRow
    {
        $line = $row->roll_line_id === null ? null : new RollLinePointer($row->roll_line_id, $row->line_source_id, $row->line_locator, (int) $row->line_number);

        return new QuestionRow($row->id, $row->person_id ?? '', $row->kind, $row->aspect, $row->state, $row->title, $row->decision, $row->reason, $row->summary, $row->reopened_by, $row->other_person_id ?? '', $alternatives, $line, $claims, $tasks, $row->decided_by ?? '');
    }

    /** @param  list<PointRow>  $points */
    public static function alternative(stdClass $row, array $points): AlternativeRow
    {
        return new AlternativeRow($row->id, $row->question_id, $row->person_id ?? '', $row->title, $row->outcome, $row->position, $points);
    }

    public static function point(stdClass $row): PointRow
    {
        return new PointRow($row->id, $row->question_id, $row->alternative_id ?? '', $row->is_for, $row->text, $row->weight, $row->position, $row->claim_id ?? '');
    }

    /** @param  list<string>  $people */
    public static function search(stdClass $row, array $people): SearchRow
    {
        return new SearchRow($row->id, DateColumns::restore((array) $row), $row->looked_for, $row->looked_in, $row->outcome, $row->is_whole, $row->found, $row->note, $row->source_id ?? '', $row->position, $people, $row->question_id ?? '');
    }

    public static function note(stdClass $row, string $kind): NoteRow
    {
        return new NoteRow($row->id, new FactRef(Owner::from($kind), $row->{"{$kind}_id"}), $row->text, $row->ordinal, self::written($row), $row->is_research);
    }

    public static function role(stdClass $row): RoleRow
    {
        return new RoleRow($row->id, $row->event_id, $row->person_id, $row->role, $row->words, $row->ordinal, self::written($row));
    }

    public static function task(stdClass $row): TaskRow
    {
        return new TaskRow($row->id, $row->person_id ?? '', $row->text, $row->done_at === null ? '' : (new \DateTimeImmutable($row->done_at))->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d'), $row->ordinal, self::written($row), $row->question_id ?? '');
    }

    public static function member(stdClass $row, MembershipKind $kind): MemberRow
    {
        return new MemberRow($row->id, $row->person_id, $kind, $row->{"{$kind->value}_id"}, $row->ordinal, self::written($row));
    }

    public static function group(stdClass $row, MembershipKind $kind): GroupRow
    {
        return new GroupRow($row->id, $kind, $row->name, $row->colour, $row->meaning);
    }

    public static function kept(stdClass $row, ?string $kind): KeptRow
    {
        $owner = $kind === null ? null : new FactRef(Owner::from($kind), $row->{"{$kind}_id"});

        return new KeptRow($row->id, $owner, $row->pointer, $row->path, $row->ordinal, $row->lines);
    }

    private static function changedAt(stdClass $row): ?\DateTimeImmutable
    {
        return $row->changed_at === null ? null : new \DateTimeImmutable($row->changed_at);
    }

    /** @return array<string, array{int, string}> */
    private static function written(stdClass $row): array
    {
        return json_decode($row->written, true, flags: JSON_THROW_ON_ERROR);
    }
}
