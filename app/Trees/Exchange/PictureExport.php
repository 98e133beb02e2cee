<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRegion;
use NorthBough\Core\Gedcom\Row\PictureRow;
use stdClass;

/** Pictures as records of their own and the links to them, as they are written to a file. Those of records go with the record. */
final readonly class PictureExport
{
    private const AT_ONCE = 200;

    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @return \Generator<int, PictureRow> those on people, couples, events and places, those with somebody marked, and
     *     those that were put in by themselves
     */
    public function all(): \Generator
    {
        $links = fn (string $columns) => fn (Builder $query) => $query->selectRaw('1')->from('media_links')
            ->whereColumn('media_links.tree_id', 'media.tree_id')->whereColumn('media_links.media_id', 'media.id')
            ->whereRaw("num_nonnulls({$columns}) > 0");
        $last = null;
        do {
            $rows = DB::table('media')->where('media.tree_id', $this->current->id())
                ->where(static fn (Builder $either) => $either->whereExists($links('person_id, union_id, event_id, place_id'))
                    ->orWhereExists(static fn (Builder $query) => $query->selectRaw('1')->from('regions')
                        ->whereColumn('regions.tree_id', 'media.tree_id')->whereColumn('regions.media_id', 'media.id'))
                    ->orWhereRaw("media.written->'POINTER' IS NOT NULL")
                    ->orWhere(static fn (Builder $loose) => $loose->whereNull('media.made_by')->whereNotExists($links('record_id'))))
                ->when($last !== null, static fn (Builder $query) => $query->where('media.id', '>', $last))
                ->orderBy('media.id')->limit(self::AT_ONCE)->get();
            $regions = DB::table('regions')->where('tree_id', $this->current->id())->whereIn('media_id', $rows->pluck('id'))
                ->orderBy('page')->orderBy('left')->orderBy('id')->get()->groupBy('media_id');
            $on = $this->on($rows->pluck('id'));
            foreach ($rows as $row) {
                $words = json_decode($row->written, true, flags: JSON_THROW_ON_ERROR);
                yield new PictureRow($row->id, $row->path, $row->type, $row->title, $words['FORM'][1] ?? '', $words['FORM/MEDI'][1] ?? '',
                    array_values(($regions->get($row->id) ?? collect())
                        ->map(static fn (stdClass $r): PictureRegion => new PictureRegion($r->id, $r->page, (float) $r->left,
                            (float) $r->top, (float) $r->width, (float) $r->height,
                            $r->person_id, $r->words))->all()),
                    $on[$row->id] ?? [], $words['POINTER'][1] ?? '', $words['KEPT'] ?? [], $words['FILE/KEPT'] ?? [],
                    $words['FILE'][0] ?? 0, $row->restriction);
            }
            $last = $rows->last()->id ?? null;
        } while ($rows->count() === self::AT_ONCE);
    }

    /**
     * @param  array<string, Collection<int, string>>  $owners  ids by kind of owner
     * @return array<string, list<PictureLinkRow>> by owner
     */
    public function links(array $owners): array
    {
        $links = [];
        foreach (array_intersect_key($owners, ['person' => 1, 'union' => 1, 'event' => 1]) as $kind => $ids) {
            if ($ids->isEmpty()) {
                continue;
            }
            $rows = DB::table('media_links')->where('tree_id', $this->current->id())->whereIn("{$kind}_id", $ids)->orderByDesc('is_main')
                ->orderBy('position')->orderBy('id')->get();
            foreach ($rows as $row) {
                $cut = $row->view === null ? null : json_decode($row->view, true, flags: JSON_THROW_ON_ERROR);
                $links[$row->{"{$kind}_id"}][] = new PictureLinkRow($row->id, new FactRef(Owner::from($kind), $row->{"{$kind}_id"}),
                    $row->media_id, $row->is_main,
                    isset($cut['width'])
                        ? ['page' => (int) $cut['page'], 'left' => (float) $cut['left'], 'top' => (float) $cut['top'],
                            'width' => (float) $cut['width'], 'height' => (float) $cut['height']] : null, $row->ordinal,
                    json_decode($row->written, true, flags: JSON_THROW_ON_ERROR)['KEPT'] ?? []);
            }
        }

        return $links;
    }

    /**
     * @param  Collection<int, string>  $mediaIds
     * @return array<string, list<string>> everybody on whom a picture is, or whose event it is on
     */
    private function on(Collection $mediaIds): array
    {
        $on = [];
        $rows = DB::table('media_links')
            ->leftJoin('events', static fn ($join) => $join->on('events.tree_id', 'media_links.tree_id')
                ->on('events.id', 'media_links.event_id'))
            ->leftJoin('union_partners', static fn ($join) => $join->on('union_partners.tree_id', 'media_links.tree_id')
                ->whereRaw('union_partners.union_id = coalesce(media_links.union_id, events.union_id)'))
            ->where('media_links.tree_id', $this->current->id())->whereIn('media_links.media_id', $mediaIds)
            ->selectRaw('media_links.media_id, coalesce(media_links.person_id, events.person_id, union_partners.person_id) AS person_id')
            ->get();
        foreach ($rows as $row) {
            if ($row->person_id !== null) {
                $on[$row->media_id][] = $row->person_id;
            }
        }

        return $on;
    }
}
