<?php

declare(strict_types=1);

namespace App\Http\Research;

use App\Http\Api\Cursor;
use App\Http\People\Resources\NamedPerson;
use App\Http\Research\Resources\SearchLogPage;
use App\Http\Research\Resources\SearchResource;
use App\Models\Search;
use App\Models\SearchPerson;
use App\Trees\Loading\DatabaseTree;
use NorthBough\Core\Tree\Person;

/** Searches as lists show them, the last entered first. */
final readonly class SearchRows
{
    private const AT_ONCE = 60;

    public function __construct(private DatabaseTree $tree)
    {
    }

    public function page(string $words, string $cursor): SearchLogPage
    {
        $query = Search::query()->orderByDesc('position')->orderByDesc('id');
        if ($words !== '') {
            $query->whereRaw("looked_for || ' ' || looked_in || ' ' || found || ' ' || note ILIKE ?",
                ['%'.addcslashes($words, '%_\\').'%']);
        }
        $after = Cursor::byNumber($cursor);
        if ($after !== null) {
            $query->whereRaw('(position, id) < (?, ?::uuid)', [(int) $after[0], $after[1]]);
        }
        $rows = array_values($query->limit(self::AT_ONCE + 1)->get()->all());
        $page = array_slice($rows, 0, self::AT_ONCE);
        $last = count($rows) > self::AT_ONCE ? $page[self::AT_ONCE - 1] : null;

        return new SearchLogPage($this->resources($page), $last === null ? null : Cursor::of($last->position, $last->id));
    }

    /** @return list<SearchResource> the whole log */
    public function all(): array
    {
        return $this->resources(array_values(Search::query()->orderByDesc('position')->orderByDesc('id')->get()->all()));
    }

    /**
     * @param  list<string>  $personIds
     * @return list<SearchResource> made for any of them
     */
    public function forPeople(array $personIds): array
    {
        return $this->resources(
            array_values(Search::query()->whereIn('id', SearchPerson::query()->whereIn('person_id', $personIds)->select('search_id'))
                ->orderByDesc('position')->orderByDesc('id')->limit(self::AT_ONCE)->get()->all()));
    }

    public static function named(Person $person): NamedPerson
    {
        return NamedPerson::of($person);
    }

    /**
     * @param  list<Search>  $rows
     * @return list<SearchResource>
     */
    private function resources(array $rows): array
    {
        $for = SearchPerson::query()->whereIn('search_id', array_map(static fn (Search $row): string => $row->id, $rows))->orderBy('id')
            ->get()->groupBy('search_id');
        $people = $this->tree->lives(array_values(array_unique($for->flatten()->pluck('person_id')->all())));

        return array_map(
            static fn (Search $row): SearchResource => new SearchResource($row->id, $row->version, $row->date->shown, $row->looked_for,
                $row->looked_in, $row->outcome,
                $row->found, $row->note, $row->is_whole,
                array_values(array_map(self::named(...),
                    array_intersect_key($people, array_flip($for->get($row->id)?->pluck('person_id')->all() ?? []))))), $rows);
    }
}
