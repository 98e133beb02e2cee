<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Models\Name;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Storage\DescribedColumns;
use App\Trees\Storage\StoredColumns;
use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\DecisionSubject;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\FileRefRow;
use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\MembershipKind;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PlacingRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RecordHead;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\RestsOnRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Row\RollLineRow;
use NorthBough\Core\Gedcom\Row\Row;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Row\TextRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Naming\SearchForm;

/** A row as core gives it, in the columns of its table. */
final class RowColumns
{
    /** @var array<class-string, string> tables by the value of core that describes them */
    private static array $tables = [];

    public static function table(Row $row): string
    {
        return match (true) {
            $row instanceof GroupRow => $row->kind === MembershipKind::Group ? 'groups' : 'marks',
            $row instanceof MemberRow => $row->kind === MembershipKind::Group ? 'group_members' : 'markings',
            $row instanceof TextRow => 'texts',
            $row instanceof OwnKindRow => $row->isOfSource ? 'source_kinds' : 'record_kinds',
            default => self::tables()[$row::class],
        };
    }

    /** @return array<class-string, string> of every value that describes one table alone */
    private static function tables(): array
    {
        if (self::$tables === []) {
            foreach (AuthoredTables::names() as $table) {
                self::$tables += array_fill_keys(StoredColumns::describedBy(AuthoredTables::model($table)), $table);
            }
        }

        return self::$tables;
    }

    /** @return array<string, string|int|bool|null> as the row describes itself, and what is worked out or kept beside it */
    public static function of(Row $row, string $importId): array
    {
        return [...DescribedColumns::of($row), ...self::beside($row, $importId)];
    }

    /** @return array<string, string|int|bool|null> */
    private static function beside(Row $row, string $importId): array
    {
        return match (true) {
            $row instanceof NameRow => [...Name::columns($row->name), 'position' => $row->ordinal],
            $row instanceof EventRow, $row instanceof RoleRow => ['position' => $row->ordinal],
            $row instanceof UnionPartnerRow => ['position' => max(0, $row->personOrdinal)],
            $row instanceof ParentSetRow => ['position' => max(0, $row->ordinal)],
            $row instanceof RestsOnRow => [
                ...self::decided($row),
                ...DescribedColumns::owner(new FactRef($row->ground, $row->groundId), ['claim', 'question']),
            ],
            $row instanceof SourceRow => [
                'search' => self::search($row->title, $row->author, $row->publication, $row->callNumber, ...array_values($row->fields),
                    ...[$row->listName])],
            $row instanceof RecordRow => $row->head === null ? DescribedColumns::of(RecordHead::none()) : [],
            $row instanceof RollLineRow => ['search' => SearchForm::latin($row->name)],
            $row instanceof PlacingRow => ['entered_for' => $row->personId],
            $row instanceof OwnKindRow => ['search' => self::search($row->name)],
            $row instanceof ClaimRow => self::claim($row),
            $row instanceof TaskRow => ['done_at' => $row->doneOn === '' ? null : "{$row->doneOn} 00:00:00+00",
                'position' => $row->ordinal],
            $row instanceof QuestionRow => ['roll_line_id' => $row->line?->lineId],
            $row instanceof MemberRow => ["{$row->kind->value}_id" => $row->groupId],
            $row instanceof KeptRow, $row instanceof FileRefRow => ['import_id' => $importId],
            default => [],
        };
    }

    private static function search(string ...$words): string
    {
        return SearchForm::of(implode(' ', $words));
    }

    /** @return array<string, string|null> */
    private static function decided(RestsOnRow $row): array
    {
        $columns = [];
        foreach (DecisionSubject::cases() as $subject) {
            $columns["deciding_{$subject->value}_id"] = $row->kind === $subject ? $row->decidedId : null;
        }

        return $columns;
    }

    /** @return array<string, string|bool|null> */
    private static function claim(ClaimRow $row): array
    {
        return [
            'quality' => mb_substr($row->quality, 0, 20),
            'taken_over' => $row->line === null && ! $row->classes->isRead,
            'roll_line_id' => $row->line?->lineId,
            'other_line_id' => $row->line === null || $row->line->otherId === '' ? null : $row->line->otherId,
            'said' => DescribedColumns::json((object) ($row->line->said ?? [])),
            'aspect' => $row->line->aspect ?? '',
        ];
    }
}
