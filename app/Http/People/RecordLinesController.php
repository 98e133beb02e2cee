<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Get;
use App\Http\People\Resources\LineOnRecord;
use App\Http\People\Resources\LinesOnRecords;
use App\Models\Casts\DateColumns;
use App\Models\Person;
use App\Trees\Access\LivingPeople;
use App\Trees\Access\OpenRecords;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Naming\SearchForm;
use stdClass;

/** The lines of records that somebody is on, and those that bear the name and nobody has placed. */
final readonly class RecordLinesController
{
    private const MOST = 40;

    /** How alike a name must be to be looked at; of 1. */
    private const ALIKE = 0.5;

    public function __construct(private CurrentTree $current, private OpenRecords $openness, private LivingPeople $living)
    {
    }

    #[Get('/trees/{tree}/people/{person}/lines', 'linesOf', LinesOnRecords::class)]
    public function show(string $tree, string $person): JsonResponse
    {
        $id = Person::query()->findOrFail($person)->id;
        if (! $this->current->seesLiving() && $this->living->among([$id]) !== []) {
            return response()->json(new LinesOnRecords([]));
        }
        $placed = $this->lines()
            ->join('placings', static fn ($join) => $join->on('placings.tree_id', 'roll_lines.tree_id')
                ->on('placings.roll_line_id', 'roll_lines.id'))
            ->where('placings.person_id', $id)->where('placings.state', 'placed')->addSelect('placings.id as placing_id')
            ->orderBy('roll_lines.day_lo')->limit(self::MOST)->get();

        return response()
            ->json(new LinesOnRecords([...$this->resources($placed->all(), true), ...$this->resources($this->unplaced($id), false)]));
    }

    /** @return list<stdClass> lines that bear one of the names, in the span of the life, and are placed on nobody */
    private function unplaced(string $id): array
    {
        $line = DB::table('person_lines')->where('tree_id', $this->current->id())->where('person_id', $id)
            ->first(['search', 'birth_day', 'death_day']);
        $name = DB::table('names')->where('tree_id', $this->current->id())->where('person_id', $id)->orderBy('position')
            ->first(['given', 'surname']);
        $search = $name === null ? '' : SearchForm::latin(explode(' ', $name->given)[0]." {$name->surname}");
        if ($line === null || mb_strlen($search) < 4) {
            return [];
        }

        return array_values($this->lines()
            ->whereRaw('roll_lines.search % ?', [$search])->whereRaw('similarity(roll_lines.search, ?) >= ?', [$search, self::ALIKE])
            ->whereNotExists(static fn (Builder $query) => $query->selectRaw('1')->from('placings')
                ->whereColumn('placings.tree_id', 'roll_lines.tree_id')
                ->whereColumn('placings.roll_line_id', 'roll_lines.id')->whereIn('placings.state', ['placed', 'set aside']))
            ->where(static fn (Builder $either) => $either->whereNull('roll_lines.day_hi')
                ->orWhere('roll_lines.day_hi', '>=', $line->birth_day ?? -10_000_000))
            ->where(static fn (Builder $either) => $either->whereNull('roll_lines.day_lo')
                ->orWhere('roll_lines.day_lo', '<=', ($line->death_day ?? 10_000_000) + 366))
            ->orderByRaw('similarity(roll_lines.search, ?) DESC', [$search])->limit(8)->get()->all());
    }

    private function lines(): Builder
    {
        return DB::table('roll_lines')
            ->join('records', static fn ($join) => $join->on('records.tree_id', 'roll_lines.tree_id')
                ->on('records.id', 'roll_lines.record_id'))
            ->join('sources', static fn ($join) => $join->on('sources.tree_id', 'records.tree_id')->on('sources.id', 'records.source_id'))
            ->where('roll_lines.tree_id', $this->current->id())
            ->select(['records.*', 'sources.title', 'roll_lines.name_typed', 'roll_lines.role', 'roll_lines.columns']);
    }

    /**
     * @param  array<int, stdClass>  $rows
     * @return list<LineOnRecord>
     */
    private function resources(array $rows, bool $isPlaced): array
    {
        $lines = [];
        foreach ($rows as $row) {
            $date = DateColumns::restore((array) $row);
            if ($this->openness->isOldEnough($date)) {
                $columns = json_decode($row->columns, true, flags: JSON_THROW_ON_ERROR);
                $lines[] = new LineOnRecord($row->id, $row->title, $row->locator, $date->shown, $row->name_typed,
                    $row->role !== '' ? $row->role : (string) ($columns['relation'] ?? ''), $isPlaced, $row->placing_id ?? '');
            }
        }

        return $lines;
    }
}
