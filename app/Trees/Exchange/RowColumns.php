<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Models\Casts\DateColumns;
use App\Models\Name;
use LogicException;
use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\ClaimUseRow;
use NorthBough\Core\Gedcom\Row\DecisionSubject;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\FileRefRow;
use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\MembershipKind;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\PlacingRow;
use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RecordHead;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\RepositoryRow;
use NorthBough\Core\Gedcom\Row\RestsOnRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Row\RollLineRow;
use NorthBough\Core\Gedcom\Row\Row;
use NorthBough\Core\Gedcom\Row\SearchPersonRow;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Row\UnionRow;
use NorthBough\Core\Naming\SearchForm;

/** A row as core gives it, in the columns of its table. */
final class RowColumns
{
    private const TABLES = [
        PersonRow::class => 'people', NameRow::class => 'names', EventRow::class => 'events', UnionRow::class => 'unions',
        UnionPartnerRow::class => 'union_partners', ParentSetRow::class => 'parent_sets', ParentageRow::class => 'parentages',
        SourceRow::class => 'sources', RepositoryRow::class => 'repositories', RecordRow::class => 'records', ClaimRow::class => 'claims',
        QuestionRow::class => 'questions', AlternativeRow::class => 'alternatives', PointRow::class => 'points', ClaimUseRow::class => 'claim_uses', RestsOnRow::class => 'rests_on', SearchRow::class => 'searches', SearchPersonRow::class => 'search_people', NoteRow::class => 'notes', RoleRow::class => 'event_roles', TaskRow::class => 'tasks', RollLineRow::class => 'roll_lines', PlacingRow::class => 'placings', KeptRow::class => 'kept', FileRefRow::class => 'file_refs',
    ];

    public static function table(Row $row): string
    {
        return match (true) {
            $row instanceof GroupRow => $row->kind === MembershipKind::Group ? 'groups' : 'marks',
            $row instanceof MemberRow => $row->kind === MembershipKind::Group ? 'group_members' : 'markings',
            $row instanceof OwnKindRow => $row->isOfSource ? 'source_kinds' : 'record_kinds',
            default => self::TABLES[$row::class],
        };
    }

    /** @return array<string, string|int|bool|null> */
    public static function of(Row $row, string $importId): array
    {
        return match (true) {
            $row instanceof PersonRow => ['id' => $row->id, 'number' => $row->number, 'sex' => $row->sex->value, 'restriction' => $row->restriction, ...self::placed($row->ordinal, $row->written)],
            $row instanceof NameRow => ['id' => $row->id, 'person_id' => $row->personId, 'kind' => $row->kind->value,
                ...Name::columns($row->name), 'standing' => $row->standing->value, 'position' => $row->ordinal, ...self::placed($row->ordinal, $row->written)],
            $row instanceof EventRow => ['id' => $row->id, 'person_id' => $row->personId, 'union_id' => $row->unionId, 'kind' => $row->kind,
                'type_words' => $row->typeWords, 'value' => $row->value, ...DateColumns::of($row->date), 'place_typed' => $row->place,
                'denied' => $row->denied, 'restriction' => $row->restriction, 'standing' => $row->standing->value, 'position' => $row->ordinal, ...self::placed($row->ordinal, $row->written)],
            $row instanceof UnionRow => ['id' => $row->id, 'restriction' => $row->restriction, ...self::placed($row->ordinal, $row->written)],
            $row instanceof UnionPartnerRow => ['id' => $row->id, 'union_id' => $row->unionId, 'person_id' => $row->personId, 'slot' => $row->slot->value,
                'side' => $row->side->value, 'position' => max(0, $row->personOrdinal), 'person_ordinal' => $row->personOrdinal, 'standing' => $row->standing->value, ...self::placed($row->ordinal, $row->written)],
            $row instanceof ParentSetRow => ['id' => $row->id, 'child_id' => $row->childId, 'union_id' => $row->unionId, 'leads' => $row->leads,
                'kind' => $row->kind->value, 'side' => $row->side->value, 'position' => max(0, $row->ordinal), 'child_ordinal' => $row->childOrdinal,
                ...self::placed($row->ordinal, $row->written)],
            $row instanceof ParentageRow => ['id' => $row->id, 'parent_set_id' => $row->parentSetId, 'person_id' => $row->personId, 'kind' => $row->kind->value,
                'standing' => $row->standing->value, 'proof' => $row->proof->value, 'kind_words' => $row->kindWords, 'years' => $row->years],
            $row instanceof ClaimUseRow => ['id' => $row->id, 'claim_id' => $row->claimId, ...self::owner($row->of, ['event', 'parentage']), 'stance' => $row->stance, 'evidence' => $row->evidence],
            $row instanceof RestsOnRow => ['id' => $row->id, 'deciding_question_id' => $row->kind === DecisionSubject::Question ? $row->decidedId : null, 'deciding_parentage_id' => $row->kind === DecisionSubject::Parentage ? $row->decidedId : null,
                'deciding_placing_id' => $row->kind === DecisionSubject::Placing ? $row->decidedId : null, ...self::owner(new FactRef($row->ground, $row->groundId), ['claim', 'question'])],
            $row instanceof SourceRow => ['id' => $row->id, 'title' => $row->title, 'author' => $row->author, 'publication' => $row->publication,
                'abbreviation' => $row->abbreviation, 'text' => $row->text, 'repository_id' => $row->repositoryId, 'call_number' => $row->callNumber,
                'kind' => $row->kind, 'source_kind_id' => $row->ownKindId, 'fields' => self::json((object) $row->fields), 'list_name' => $row->listName,
                'search' => SearchForm::of(implode(' ', [$row->title, $row->author, $row->publication, $row->callNumber, ...array_values($row->fields), $row->listName])), ...self::placed($row->ordinal, $row->written)],
            $row instanceof RepositoryRow => ['id' => $row->id, 'name' => $row->name, ...self::placed($row->ordinal, $row->written)],
            $row instanceof RecordRow => self::record($row),
            $row instanceof RollLineRow => ['id' => $row->id, 'record_id' => $row->recordId, 'position' => $row->position, 'role' => $row->role, 'name_typed' => $row->name,
                'search' => SearchForm::latin($row->name), 'columns' => self::json((object) $row->columns), 'slip' => $row->slip === null ? null : self::json($row->slip),
                'day_lo' => $row->dayLo, 'day_hi' => $row->dayHi],
            $row instanceof PlacingRow => ['id' => $row->id, 'roll_line_id' => $row->lineId, 'person_id' => $row->personId, 'state' => $row->state, 'reason' => $row->reason, 'entered_for' => $row->personId],
            $row instanceof OwnKindRow => ['id' => $row->id, 'name' => $row->name, 'search' => SearchForm::of($row->name), 'template' => $row->template],
            $row instanceof ClaimRow => ['id' => $row->id, 'record_id' => $row->recordId, 'words' => $row->words, 'quality' => mb_substr($row->quality, 0, 20),
                'taken_over' => $row->line === null && ! $row->classes->isRead, 'roll_line_id' => $row->line?->lineId, 'other_line_id' => $row->line === null || $row->line->otherId === '' ? null : $row->line->otherId, 'said' => self::json((object) ($row->line->said ?? [])), 'aspect' => $row->line->aspect ?? '',
                'information' => $row->classes->information ?: 'unstated', 'reading' => $row->classes->reading ?: 'sure', 'informant' => $row->classes->informant, 'informant_tie' => $row->classes->informantTie, 'evidence' => $row->classes->evidence ?: 'unstated', 'leans_on_id' => $row->derivedFromId === '' ? null : $row->derivedFromId, 'origin' => $row->classes->origin,
                'weight_said' => $row->classes->weight, 'weight_why' => $row->classes->why, 'withdrawn' => $row->classes->withdrawn, ...self::owner($row->subject, ['person', 'name', 'event', 'union']), ...self::placed($row->ordinal, $row->written)],
            $row instanceof NoteRow => ['id' => $row->id, 'text' => $row->text, 'is_research' => $row->isResearch,
                ...self::owner($row->owner, ['person', 'name', 'event', 'union', 'source', 'repository']), ...self::placed($row->ordinal, $row->written)],
            $row instanceof RoleRow => ['id' => $row->id, 'event_id' => $row->eventId, 'person_id' => $row->personId, 'role' => $row->role, 'words' => $row->words,
                'position' => $row->ordinal, ...self::placed($row->ordinal, $row->written)],
            $row instanceof TaskRow => ['id' => $row->id, 'person_id' => $row->personId === '' ? null : $row->personId, 'question_id' => $row->questionId === '' ? null : $row->questionId, 'text' => $row->text,
                'done_at' => $row->doneOn === '' ? null : "{$row->doneOn} 00:00:00+00", 'position' => $row->ordinal, ...self::placed($row->ordinal, $row->written)],
            $row instanceof QuestionRow => ['id' => $row->id, 'person_id' => $row->personId === '' ? null : $row->personId, 'roll_line_id' => $row->line?->lineId, 'kind' => $row->kind, 'aspect' => $row->aspect, 'state' => $row->state, 'title' => $row->title,
                'decision' => $row->decision, 'reason' => $row->reason, 'summary' => $row->summary, 'reopened_by' => $row->reopenedBy, 'other_person_id' => $row->otherId ?: null],
            $row instanceof AlternativeRow => ['id' => $row->id, 'question_id' => $row->questionId, 'person_id' => $row->personId ?: null, 'title' => $row->title, 'outcome' => $row->outcome, 'position' => $row->position],
            $row instanceof PointRow => ['id' => $row->id, 'question_id' => $row->questionId, 'alternative_id' => $row->alternativeId, 'is_for' => $row->isFor, 'text' => $row->text, 'weight' => $row->weight, 'position' => $row->position, 'claim_id' => $row->claimId === '' ? null : $row->claimId],
            $row instanceof SearchRow => ['id' => $row->id, ...DateColumns::of($row->date), 'looked_for' => $row->lookedFor, 'looked_in' => $row->lookedIn, 'outcome' => $row->outcome, 'is_whole' => $row->isWhole, 'question_id' => $row->questionId === '' ? null : $row->questionId,
                'found' => $row->found, 'note' => $row->note, 'source_id' => $row->sourceId ?: null, 'position' => $row->position],
            $row instanceof SearchPersonRow => ['id' => $row->id, 'search_id' => $row->searchId, 'person_id' => $row->personId],
            $row instanceof GroupRow => ['id' => $row->id, 'name' => $row->name, 'colour' => $row->colour, 'meaning' => $row->meaning],
            $row instanceof MemberRow => ['id' => $row->id, "{$row->kind->value}_id" => $row->groupId, 'person_id' => $row->personId, ...self::placed($row->ordinal, $row->written)],
            $row instanceof KeptRow => ['id' => $row->id, 'import_id' => $importId, 'pointer' => $row->pointer, 'path' => $row->path, 'lines' => $row->lines,
                ...self::owner($row->owner, KeptPointers::OWNERS), 'ordinal' => $row->ordinal],
            $row instanceof FileRefRow => ['id' => $row->id, 'import_id' => $importId, 'pointer' => $row->pointer,
                ...self::owner($row->thing, ['person', 'union', 'source', 'repository'])],
            default => throw new LogicException('There is no table for '.$row::class),
        };
    }

    /** @return array<string, string|int|bool|null> every column, so that a record with a roll and one without can stand in one spool */
    private static function record(RecordRow $row): array
    {
        $head = $row->head ?? RecordHead::none();

        return ['id' => $row->id, 'source_id' => $row->sourceId, 'locator' => $row->locator, 'kind' => $head->kind, 'record_kind_id' => $head->ownKindId,
            ...DateColumns::of($head->date), 'place_typed' => $head->place, 'fields' => self::json((object) $head->fields), 'transcription' => $head->transcription,
            'source_class' => $head->sourceClass, 'file_number' => $head->fileNumber, 'told_count' => $head->toldCount];
    }

    /** @param  object|array<string, mixed>  $value */
    private static function json(object|array $value): string
    {
        return str_replace('\u0000', '', json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    /**
     * @param  list<string>  $kinds  every kind of owner that the table knows
     * @return array<string, string|null>
     */
    private static function owner(?FactRef $owner, array $kinds): array
    {
        $columns = [];
        foreach ($kinds as $kind) {
            $columns["{$kind}_id"] = $owner?->kind->value === $kind ? $owner->id : null;
        }

        return $columns;
    }

    /**
     * @param  array<string, array{int, string}>  $written
     * @return array{ordinal: int, written: string}
     */
    private static function placed(int $ordinal, array $written): array
    {
        return ['ordinal' => $ordinal, 'written' => str_replace('\u0000', '', json_encode((object) $written, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE))];
    }
}
