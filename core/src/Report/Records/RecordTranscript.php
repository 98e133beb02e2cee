<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Records;

use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\Report;

/** A record as a transcript with its roll: what the page says, as written, and whom each line is taken for. */
final readonly class RecordTranscript implements Report
{
    public function __construct(
        #[Option('Taken for', 'With whom each line is taken for')] public bool $placings = true,
    ) {
    }

    public static function code(): string
    {
        return 'record';
    }

    public static function title(): string
    {
        return 'Record transcript';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Record;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $record = $material->record($subject->id());
        [$source, $roll, $fields] = [$record->source, $record->roll, $record->fields];
        $title = trim("{$source->title}, {$record->locator}", ', ');
        $head = array_filter([$roll->date->isEmpty() ? '' : $roll->date->shown, $roll->place,
            ...array_map(static fn (Column $column): string => ($fields[$column->code] ?? '') === '' ? ''
                : "{$column->label} {$fields[$column->code]}", $roll->kind->heads)]);
        $blocks = [new Heading(1, [StyledWords::plain($title)]), new Paragraph([StyledWords::faint(implode(', ', $head))])];
        foreach (array_filter(explode("\n", $record->words)) as $line) {
            $blocks[] = new Paragraph([StyledWords::plain($line)]);
        }
        if ($roll->lines !== []) {
            $blocks[] = $this->roll($roll, $record->placed);
        }
        if (($fields['lacks'] ?? '') !== '') {
            $blocks[] = new Paragraph([StyledWords::faint("The copy lacks: {$fields['lacks']}")]);
        }
        $blocks[] = new Paragraph(NoteForms::full($source, $record->locator));

        return new Document($title, "Transcript, printed {$day}", $blocks);
    }

    /** @param  array<string, string>  $placed */
    private function roll(Roll $roll, array $placed): Table
    {
        // A column that no line says anything in only takes room from the others.
        $columns = array_values(array_filter($roll->kind->columns, static function (Column $column) use ($roll): bool {
            foreach ($roll->lines as $line) {
                if (trim($line->columns[$column->code] ?? '') !== '') {
                    return true;
                }
            }

            return false;
        }));
        $hasRoles = array_filter($roll->lines, static fn (RollLine $line): bool => $line->role !== '') !== [];
        $heads = ['', 'Name', ...($hasRoles ? ['As'] : []), ...array_map(static fn (Column $column): string => $column->label, $columns),
            ...($this->placings ? ['Taken for'] : [])];
        $rows = [];
        foreach ($roll->lines as $at => $line) {
            $rows[] = [
                [StyledWords::faint((string) ($at + 1))], [StyledWords::name(self::asWritten($line, 'name', $line->name))],
                ...($hasRoles ? [[StyledWords::plain($roll->role($line)->word ?? '')]] : []),
                ...array_map(static fn (Column $column): array => [
                    StyledWords::plain(self::asWritten($line, $column->code, $line->columns[$column->code] ?? ''))], $columns),
                ...($this->placings ? [[StyledWords::faint($placed[$line->id] ?? 'unplaced')]] : []),
            ];
        }

        return new Table('Roll', $heads, $rows);
    }

    /** A ditto is printed as the page has it, with what it stands for; a doubtful word with its other readings. */
    private static function asWritten(RollLine $line, string $code, string $value): string
    {
        $ditto = $line->columns["{$code}~"] ?? '';
        $written = $ditto === '' || $ditto === $value ? $value : "{$ditto} [{$value}]";
        $others = $line->others($code);

        return match (true) {
            ! in_array($code, $line->doubtful(), true) => $written,
            $others === [] => "{$written} [?]",
            default => "{$written} [or ".implode(', or ', $others).'?]',
        };
    }
}
