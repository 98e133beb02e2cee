<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\DescribedColumns;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Gedcom\Row\PlacingRow;
use NorthBough\Core\Gedcom\Row\RecordHead;
use NorthBough\Core\Gedcom\Row\RecordImageRow;
use NorthBough\Core\Gedcom\Row\RollLineRow;
use NorthBough\Core\Gedcom\Row\RollRecord;
use stdClass;

/** The records of some sources that say more than where they stand, as they are written to a file. */
final readonly class RollRecords
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  Collection<int, string>  $sourceIds
     * @return array<string, list<RollRecord>> by source
     */
    public function of(Collection $sourceIds): array
    {
        $records = $this->rows('records')->whereIn('source_id', $sourceIds)
            ->where(fn (Builder $either) => $either->where('kind', '!=', '')->orWhereNotNull('record_kind_id')
                ->orWhere('transcription', '!=', '')->orWhere('source_class', '!=', 'unstated')->orWhere('date_typed', '!=', '')
                ->orWhereExists(static fn (Builder $query) => $query->selectRaw('1')->from('roll_lines')
                    ->whereColumn('roll_lines.tree_id', 'records.tree_id')->whereColumn('roll_lines.record_id', 'records.id'))
                ->orWhereExists(static fn (Builder $query) => $query->selectRaw('1')->from('media_links')
                    ->whereColumn('media_links.tree_id', 'records.tree_id')->whereColumn('media_links.record_id', 'records.id')))
            ->orderBy('locator')->orderBy('id')->get();
        $ids = $records->pluck('id');
        $lines = $this->rows('roll_lines')->whereIn('record_id', $ids)->orderBy('position')->orderBy('id')->get()->groupBy('record_id');
        $placings = $this->rows('placings')->whereIn('roll_line_id', $lines->flatten(1)->pluck('id'))->select('placings.*')
            ->selectSub(QuestionExport::decidedBy('placing', 'placings.id'), 'decided_by')
            ->orderByRaw("state = 'placed', id")->get()->groupBy('roll_line_id');
        $images = DB::table('media_links')
            ->join('media', static fn ($join) => $join->on('media.tree_id', 'media_links.tree_id')->on('media.id', 'media_links.media_id'))
            ->where('media_links.tree_id', $this->current->id())->whereIn('media_links.record_id', $ids)->orderBy('media_links.position')
            ->orderBy('media_links.id')
            ->get(['media_links.id', 'media_links.record_id', 'media_links.position', 'media.path', 'media.type', 'media.title'])
            ->groupBy('record_id');
        $bySource = [];
        foreach ($records as $row) {
            $ofRecord = ($lines->get($row->id) ?? collect())->map(self::line(...));
            $bySource[$row->source_id][] = new RollRecord(
                FileRows::record($row), DescribedColumns::restore(RecordHead::class, $row), array_values($ofRecord->all()),
                array_map(static fn (Collection $ofLine): array => array_values($ofLine->map(
                    static fn (stdClass $p): PlacingRow => DescribedColumns::restore(PlacingRow::class, $p,
                        ['decidedBy' => $p->decided_by ?? '']))
                    ->all()),
                    $placings->only($ofRecord->pluck('id')->all())->all()),
                array_values(($images->get($row->id) ?? collect())
                    ->map(static fn (stdClass $i): RecordImageRow => DescribedColumns::restore(RecordImageRow::class, $i))->all()),
            );
        }

        return $bySource;
    }

    /** @return array<string, OwnKindRow> by id: as many as somebody made by hand */
    public function kinds(): array
    {
        $kinds = [];
        foreach (['source_kinds' => true, 'record_kinds' => false] as $table => $isOfSource) {
            foreach ($this->rows($table)->orderBy('id')->get() as $row) {
                $kinds[$row->id] = new OwnKindRow($row->id, $isOfSource, $row->name,
                    json_encode(json_decode($row->template, true, flags: JSON_THROW_ON_ERROR),
                        JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
            }
        }

        return $kinds;
    }

    private static function line(stdClass $row): RollLineRow
    {
        return DescribedColumns::restore(RollLineRow::class, $row);
    }

    private function rows(string $table): Builder
    {
        return DB::table($table)->where("{$table}.tree_id", $this->current->id());
    }
}
