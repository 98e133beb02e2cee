<?php

declare(strict_types=1);

namespace App\Trees\Records;

use App\Models\Placing;
use App\Models\Record;
use App\Models\RollLine as Row;
use App\Models\Source;
use App\Trees\Dating\SourceDates;
use App\Trees\Kinds\TreeRecordKinds;
use App\Trees\Places\Gazetteers;
use Illuminate\Support\Collection;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\TranscriptionMarks;

/** A stored record as core reads it, with the people on whom its lines are placed. */
final readonly class StoredRoll
{
    public function __construct(private TreeRecordKinds $kinds, private SourceDates $dates, private Gazetteers $gazetteers)
    {
    }

    public function roll(Record $record): Roll
    {
        $lines = $this->rows($record)
            ->map(static fn (Row $row): RollLine => new RollLine($row->id, $row->name_typed, $row->role, $row->columns));

        return new Roll($this->kinds->of($record), $record->date, $record->place_typed, array_values($lines->all()),
            $this->datingConvention($record, $record->place_typed));
    }

    /**
     * A roll as it stands on the page, before it is kept.
     *
     * @param  list<array{id: string, name: string, role: string, columns: array<string, string>}>  $lines
     */
    public function asTyped(Record $record, array $lines, string $date, string $place): Roll
    {
        $convention = $this->datingConvention($record, trim($place));

        return new Roll($this->kinds->of($record), GenDate::parse($date, $convention), trim($place),
            TranscriptionMarks::settleAll(
                array_map(static fn (array $line): RollLine => new RollLine($line['id'], trim($line['name']), $line['role'],
                    array_map(trim(...), $line['columns'])), $lines)),
            $convention);
    }

    private function datingConvention(Record $record, string $place): DatingConvention
    {
        return $this->dates->reckoning(Source::query()->findOrFail($record->source_id),
            $record->place_id ?? $this->gazetteers->meant($place, $record->date->span()));
    }

    /** @return Collection<int, Row> in the order of the page */
    public function rows(Record $record): Collection
    {
        return Row::query()->where('record_id', $record->id)->orderBy('position')->orderBy('id')->get();
    }

    /** @return Collection<string, Placing> by line, where one is placed or set aside */
    public function placings(Record $record): Collection
    {
        return Placing::query()->whereIn('roll_line_id', Row::query()->where('record_id', $record->id)->select('id'))
            ->whereIn('state', ['placed', 'set aside'])->get()->keyBy('roll_line_id');
    }
}
