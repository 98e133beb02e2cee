<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\FileRefRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Row\UnionRow;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/** What was read of a file, in words of the model: a line for each thing, for people who judge whether it was understood. */
final class InWords
{
    /** @var array<string, string> pointer by id */
    private array $called = [];

    private function __construct(private readonly MemoryTree $tree)
    {
        foreach ($tree->all(FileRefRow::class) as $ref) {
            $this->called[$ref->thing->id] = $ref->pointer;
        }
    }

    /** @return list<string> */
    public static function of(MemoryTree $tree): array
    {
        $words = new self($tree);

        return [...$words->people(), ...$words->unions(), ...$words->sources(), ...$words->pictures(), ...$words->kept('', 'kept record')];
    }

    /** @return list<string> */
    private function people(): array
    {
        $lines = [];
        foreach ($this->tree->all(PersonRow::class) as $person) {
            $lines[] = trim($this->called($person->id)." {$person->sex->value}");
            foreach ($this->tree->all(NameRow::class, static fn (NameRow $row): bool => $row->personId === $person->id) as $row) {
                $parts = array_filter(
                    ['title' => $row->name->title, 'given' => $row->name->given, 'nickname' => $row->name->nickname,
                        'prefix' => $row->name->surnamePrefix, 'surname' => $row->name->surname, 'suffix' => $row->name->suffix]);
                $lines[] = '  name: '
                    .implode('; ',
                        array_map(static fn (string $part, string $words): string => "{$part} {$words}", array_keys($parts), $parts))
                    .($row->kind->word() === 'name' ? '' : " ({$row->kind->word()})").self::standing($row->standing);
                array_push($lines, ...$this->hanging($row->id, '    '));
            }
            array_push($lines, ...$this->events(static fn (EventRow $row): bool => $row->personId === $person->id));
            foreach ($this->tree->all(ParentSetRow::class, static fn (ParentSetRow $row): bool => $row->childId === $person->id) as $set) {
                $parents = array_map(fn (ParentageRow $row): string => $this->called($row->personId)
                    .($row->kind === ParentageKind::Birth ? '' : " {$row->kind->value}").self::standing($row->standing)
                        .($row->proof->value === 'unstated' ? '' : " {$row->proof->value}"),
                    $this->tree->all(ParentageRow::class, static fn (ParentageRow $row): bool => $row->parentSetId === $set->id));
                $lines[] = "  parents {$this->called($set->unionId)}".($set->kind === ParentageKind::Birth ? '' : " {$set->kind->value}")
                    .self::standing($set->standing).($set->leads ? ' leads' : '').($parents === [] ? '' : ': '.implode(', ', $parents));
                array_push($lines, ...$this->kept($set->id, '    kept'));
            }
            array_push($lines, ...$this->hanging($person->id, '  '));
        }

        return $lines;
    }

    /** @return list<string> */
    private function unions(): array
    {
        $lines = [];
        foreach ($this->tree->all(UnionRow::class) as $union) {
            $partners = array_map(fn (UnionPartnerRow $row): string => $this->called($row->personId).self::standing($row->standing),
                $this->tree->all(UnionPartnerRow::class, static fn (UnionPartnerRow $row): bool => $row->unionId === $union->id));
            sort($partners);
            $lines[] = trim($this->called($union->id).' '.implode(' + ', $partners));
            array_push($lines, ...$this->events(static fn (EventRow $row): bool => $row->unionId === $union->id));
            array_push($lines, ...$this->hanging($union->id, '  '));
        }

        return $lines;
    }

    /**
     * @param  callable(EventRow): bool  $of
     * @return list<string>
     */
    private function events(callable $of): array
    {
        $lines = [];
        foreach ($this->tree->all(EventRow::class, $of) as $row) {
            $date = $row->date->isEmpty() ? ''
                : ($row->date->normal === '' ? " “{$row->date->typed}”"
                    : " {$row->date->normal}".($row->date->shown === $row->date->normal ? '' : " = {$row->date->shown}"));
            $lines[] = "  {$row->kind}".($row->denied ? ' denied' : '').($row->typeWords === '' ? '' : " ({$row->typeWords})").$date
                .($row->place === '' ? '' : " at {$row->place}").($row->value === '' ? '' : " “{$row->value}”")
                    .self::standing($row->standing);
            foreach ($this->tree->all(RoleRow::class, static fn (RoleRow $role): bool => $role->eventId === $row->id) as $role) {
                $lines[] = "    {$role->role}: ".($role->personId === null ? $role->words : $this->called($role->personId));
            }
            array_push($lines, ...$this->hanging($row->id, '    '));
        }

        return $lines;
    }

    /** @return list<string> */
    private function sources(): array
    {
        return array_merge(
            ...array_map(fn (SourceRow $row): array => [trim("{$this->called($row->id)} source {$row->title}"),
                ...$this->hanging($row->id, '  ')],
                $this->tree->all(SourceRow::class)), ...[[]]);
    }

    /** @return list<string> */
    private function pictures(): array
    {
        return array_map(static fn (PictureRow $row): string => trim("{$row->pointer} picture {$row->path} {$row->title}"),
            $this->tree->all(PictureRow::class));
    }

    /** @return list<string> notes, citations, pictures and kept lines of something */
    private function hanging(string $id, string $indent): array
    {
        $notes = array_map(static fn (NoteRow $row): string => "{$indent}note: ".str_replace("\n", ' / ', $row->text),
            $this->tree->all(NoteRow::class, static fn (NoteRow $row): bool => $row->owner->id === $id));
        $claims = array_merge(
            ...array_map(fn (ClaimRow $row): array => [$indent.'cites '.trim($this->cited($row).$row->words),
                ...$this->kept($row->id, "{$indent}  kept")],
                $this->tree->all(ClaimRow::class, static fn (ClaimRow $row): bool => $row->subject->id === $id)), ...[[]]);
        $pictures = array_map(fn (PictureLinkRow $row): string => "{$indent}picture",
            $this->tree->all(PictureLinkRow::class, static fn (PictureLinkRow $row): bool => $row->owner->id === $id));

        return [...$notes, ...$claims, ...$pictures, ...$this->kept($id, "{$indent}kept")];
    }

    /** @return list<string> */
    private function kept(string $id, string $as): array
    {
        return array_map(static fn (KeptRow $row): string => "{$as}: ".($row->path === '' ? '' : "{$row->path} < ")
            .str_replace("\n", ' / ', trim($row->lines)),
            $this->tree->all(KeptRow::class, static fn (KeptRow $row): bool => ($row->owner->id ?? '') === $id));
    }

    private function called(string $id): string
    {
        return $this->called[$id] ?? '·';
    }

    private static function standing(Standing $standing): string
    {
        return $standing === Standing::Unweighed ? '' : " {$standing->value}";
    }

    /** What a citation that names no record of the file says that it cites. */
    private function cited(ClaimRow $row): string
    {
        foreach ($this->tree->all(RecordRow::class, static fn (RecordRow $record): bool => $record->id === $row->recordId) as $record) {
            if ($this->tree->pointers()->of($record->sourceId) === '@VOID@') {
                return str_replace("\n", ' / ', $record->locator).': ';
            }
        }

        return '';
    }
}
